package retazo.core.cloth;

/** How strips are sewn to one longer strip. */
public enum Join {
    /** Straight across: a join costs two seam allowances. */
    STRAIGHT,
    /** On the diagonal, which shows less: a join costs the width of the strip. */
    DIAGONAL
}
