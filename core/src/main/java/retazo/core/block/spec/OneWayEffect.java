package retazo.core.block.spec;

/** What a print that reads one way up does to a kind of unit. */
public enum OneWayEffect {
    /** Each piece is cut the way it will lie. */
    CUT_AS_IT_LIES,
    /** Pieces cut from one square lie two ways: the print cannot read one way in all. */
    LIES_BOTH_WAYS,
    /** Its pieces lie around a point, and so does the print; they are not turned on the strip, so that it reads outward in all. */
    LIES_AROUND,
    /** Pieces must not be turned on the strip, which takes more cloth. */
    NOT_TURNED_ON_STRIP
}
