package retazo.core.block.shape;

import retazo.core.measure.Length;

/** A point of a drawing in finished sizes: x to the right, y down, from the top left corner. */
public record Point(Length x, Length y) {

    public Point plus(Length dx, Length dy) {
        return new Point(x.plus(dx), y.plus(dy));
    }
}
