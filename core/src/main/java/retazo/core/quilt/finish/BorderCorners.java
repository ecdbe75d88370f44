package retazo.core.quilt.finish;

/** How the corners of a border are made. */
public enum BorderCorners {
    /** The sides first, then top and bottom over their ends. */
    BUTTED,
    /** Sewn on the slant, all four pieces to the outer corner. */
    MITRED,
    /** A square in each corner, between sides, top and bottom. */
    CORNERSTONES
}
