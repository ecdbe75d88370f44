package retazo.core.block;

/** How far a unit is turned in its cell, clockwise. */
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
}
