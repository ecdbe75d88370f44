package retazo.core.quilt.place;

/** Along what the places of a quilt change. */
public enum PlaceLine {
    /** From the top left to the bottom right: column + row. */
    DIAGONALS,
    ROWS,
    COLUMNS
}
