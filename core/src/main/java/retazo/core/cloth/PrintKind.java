package retazo.core.cloth;

/** What is printed on a fabric, as far as it matters to cutting and to the eye. */
public enum PrintKind {
    /** One colour, the same on both sides. */
    SOLID,
    /** A print that reads alike from every side. */
    ALL_OVER,
    /** A print that reads one way up, along the length. */
    ONE_WAY,
    /** A print that reads one way up, across the width: its upper edge is a selvedge. */
    ONE_WAY_ACROSS,
    /** Stripes along the length; upright they stand. */
    STRIPE;

    /** Whether a piece must not lie upside down. */
    public boolean isOneWay() {
        return this == ONE_WAY || this == ONE_WAY_ACROSS;
    }

    /** Whether a patch may lie a quarter turned; stripes would run the other way. */
    public boolean mayTurn() {
        return this == SOLID || this == ALL_OVER;
    }

    /** Whether what is upright in the quilt lies across the cloth. */
    public boolean liesAcross() {
        return this == ONE_WAY_ACROSS;
    }

    /** Whether both sides are alike, so that a mirrored shape can be flipped. */
    public boolean isReversible() {
        return this == SOLID;
    }

    /** The same print for somebody who does not mind which way it lies. */
    public PrintKind anyWay() {
        return mayTurn() ? this : ALL_OVER;
    }
}
