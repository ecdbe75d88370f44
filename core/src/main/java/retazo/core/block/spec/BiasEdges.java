package retazo.core.block.spec;

/** Which edges of a unit stretch because they lie across the weave. */
public enum BiasEdges {
    NONE,
    /** Seams inside it. */
    INSIDE,
    /** Its outer edges too: it is handled gently until it is sewn in. */
    OUTSIDE
}
