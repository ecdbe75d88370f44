package retazo.core.kit;

import java.util.List;
import retazo.core.measure.Problem;

/** Whose cutting instructions the person with the cutter follows: it decides which plan sets the length. */
public enum Instructions {
    /** The printed pattern's: each size alone, strip by strip as printed, however clever another plan would be. */
    PRINTED,
    /** Ours: the kit comes with our cutting page, so the planned length is enough. */
    OURS,
    /** The shop's own cutters cut the pieces by our plan; kits of a run may share strips. */
    SHOP;

    /**
     * What speaks against selling a kit by other instructions than these: its maker may be left a strip short.
     *
     * @param reason why it is safe, as somebody decided it
     */
    public List<Problem> problemsOfLeaving(Instructions wanted, String reason) {
        return this == PRINTED && wanted.arePlanned() && reason.isBlank()
                ? List.of(Problem.at("reason", "kit.decision-without-reason")) : List.of();
    }

    /** Whether everything on a cloth is planned together. */
    public boolean arePlanned() {
        return this != PRINTED;
    }
}
