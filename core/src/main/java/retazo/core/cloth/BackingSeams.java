package retazo.core.cloth;

/** How a shop lays the seams of a back that is sewn of several panels. */
public enum BackingSeams {
    /** Whichever way takes less cloth; upright on a tie. */
    FEWEST,
    /** Upright: the panels lie side by side, their length along the height of the quilt. */
    VERTICAL,
    /** Level: the panels lie one above the other, their length along the width of the quilt. */
    HORIZONTAL
}
