package retazo.core.quilt.size;

/** The ways in which a pattern is entered, from the quickest to the fullest. */
public enum Way {
    SIZE_TABLE,
    CUT_LIST,
    DRAWING
}
