package retazo.core.quilt;

/** How the corners of a border are made. */
public enum BorderCorners {
    /** The sides first, then top and bottom over their ends. */
    BUTTED
}
