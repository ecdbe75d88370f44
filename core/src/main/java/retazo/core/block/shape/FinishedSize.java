package retazo.core.block.shape;

import retazo.core.measure.Length;

/** A finished width and height, each above zero. */
public record FinishedSize(Length width, Length height) {

    /**
     * @throws IllegalArgumentException if a side is not above zero
     */
    public FinishedSize {
        if (!width.isPositive() || !height.isPositive()) {
            throw new IllegalArgumentException("Nothing is " + width + " × " + height + ".");
        }
    }

    public static FinishedSize square(Length side) {
        return new FinishedSize(side, side);
    }

    public boolean isSquare() {
        return width.equals(height);
    }

    /** Width and height changed over where the turn is a quarter either way. */
    public FinishedSize turned(Turn turn) {
        return turn.isSideways() ? new FinishedSize(height, width) : this;
    }
}
