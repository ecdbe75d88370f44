package retazo.app.runs.book;

/** How far a run is. */
public enum RunState {
    /** Reserves nothing. */
    DRAFT,
    /** Bills are frozen, cloth is reserved. */
    CONFIRMED,
    CUTTING,
    /** Every length of every bag is cut. */
    CUT,
    /** All that could be made is packed; the rest of what was asked waits for cloth. */
    WAITING,
    PACKED,
    CANCELLED;

    public boolean isOpen() {
        return this == CONFIRMED || this == CUTTING || this == CUT || this == WAITING;
    }
}
