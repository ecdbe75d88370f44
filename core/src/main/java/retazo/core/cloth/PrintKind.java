package retazo.core.cloth;

/** What is printed on a fabric, as far as it matters to cutting and to the eye. */
public enum PrintKind {
    /** One colour, the same on both sides. */
    SOLID,
    /** A print that reads alike from every side. */
    ALL_OVER,
    /** A print that reads one way up, along the length. */
    ONE_WAY,
    /** Stripes along the length. */
    STRIPE;

    /** Whether a piece must not be turned on its strip. */
    public boolean isOneWay() {
        return this == ONE_WAY;
    }

    /** Whether a patch may lie a quarter turned; stripes would run the other way. */
    public boolean mayTurn() {
        return this == SOLID || this == ALL_OVER;
    }

    /** Whether both sides are alike, so that a mirrored shape can be flipped. */
    public boolean isReversible() {
        return this == SOLID;
    }
}
