package retazo.core.block.shape;

/** How far something is turned, clockwise. */
public enum Turn {
    NONE(0),
    QUARTER(90),
    HALF(180),
    THREE_QUARTERS(270);

    private final int degrees;

    Turn(int degrees) {
        this.degrees = degrees;
    }

    public int degrees() {
        return degrees;
    }

    /** Whether width and height change over. */
    public boolean isSideways() {
        return this == QUARTER || this == THREE_QUARTERS;
    }

    public Turn plus(Turn other) {
        return values()[(ordinal() + other.ordinal()) % 4];
    }

    public Turn negated() {
        return values()[(4 - ordinal()) % 4];
    }
}
