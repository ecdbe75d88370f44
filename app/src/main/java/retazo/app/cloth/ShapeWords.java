package retazo.app.cloth;

import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.block.shape.PieceShape;
import retazo.core.explain.Figure;
import retazo.core.measure.Length;

/** The shape of a piece in words: {@code 2½ × 4½ in}, {@code wedge 8½ in high, 4¼ to 1¾ in}. */
public final class ShapeWords {

    private ShapeWords() {
    }

    public static String of(PieceShape shape, Words words) {
        Object[] sizes = shape.measured().isEmpty()
                ? new Object[] {number(shape.stripHeight())}
                : shape.measured().stream().map(ShapeWords::number).toArray();
        return words.text("shape." + shape.code(), sizes);
    }

    private static String number(Figure<Length> size) {
        return LengthView.inches(size.value()).plain().replace(" in", "");
    }
}
