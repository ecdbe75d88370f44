package retazo.core.kit;

/** Whose cutting instructions the person with the cutter follows: it decides which plan sets the length. */
public enum Instructions {
    /** The printed pattern's: each size alone, strip by strip as printed, however clever another plan would be. */
    PRINTED,
    /** Ours: the kit comes with our cutting page, so the planned length is enough. */
    OURS,
    /** The shop's own cutters cut the pieces by our plan; kits of a run may share strips. */
    SHOP;

    /** Whether everything on a cloth is planned together. */
    public boolean arePlanned() {
        return this != PRINTED;
    }
}
