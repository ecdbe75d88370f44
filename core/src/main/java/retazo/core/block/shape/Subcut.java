package retazo.core.block.shape;

/** Whether a square or rectangle is cut again before it is sewn. */
public enum Subcut {
    NONE,
    /** On one diagonal: 2 triangles. */
    ONCE,
    /** On both diagonals: 4 triangles. */
    TWICE
}
