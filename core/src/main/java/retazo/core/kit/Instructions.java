package retazo.core.kit;

import java.util.List;
import retazo.core.measure.Problem;

/** Whose cutting instructions the person with the cutter follows: it decides which plan sets the length. */
public enum Instructions {
    /** The printed pattern's: each size alone, strip by strip as printed, however clever another plan would be. */
    PRINTED,
    /** Ours, each size alone: the kit comes with our cutting page, which mixes no sizes and takes more cloth. */
    OURS_ALONE,
    /** Ours: the kit comes with our cutting page, so the planned length is enough. */
    OURS,
    /** The shop's own cutters cut the pieces by our plan; kits of a run may share strips, and what is left over stays in the shop. */
    SHOP;

    /**
     * What speaks against selling a kit by other instructions than these, which its pattern gives: the maker of a printed pattern may be
     * left a strip short, and another designer's measurements may not go out on a page of ours.
     *
     * @param reason why it is safe, as somebody decided it; needed only where these are the printed ones
     */
    public List<Problem> problemsOfLeaving(Instructions wanted, String reason) {
        if (wanted == this) {
            return List.of();
        }
        if (wanted == PRINTED) {
            return List.of(Problem.at("wanted", "kit.no-paper"));
        }
        if (this == PRINTED && wanted != SHOP) {
            return List.of(Problem.at("wanted", "kit.not-our-page"));
        }
        return this == PRINTED && reason.isBlank() ? List.of(Problem.at("reason", "kit.decision-without-reason")) : List.of();
    }

    /** With each size alone: the printed pattern's as they are, whose strips nobody may have asked for; all others by our page. */
    public Instructions alone() {
        return this == PRINTED ? PRINTED : OURS_ALONE;
    }

    /** Whether everything on a cloth is planned together. */
    public boolean arePlanned() {
        return this == OURS || this == SHOP;
    }

    /** Whether our own cutting page goes into the bag. */
    public boolean haveOurPage() {
        return this == OURS || this == OURS_ALONE;
    }

    /** Whether the shop cuts the pieces itself, so that what is left of the cloth stays with it. */
    public boolean leaveRestsInTheShop() {
        return this == SHOP;
    }
}
