package retazo.app.cloth;

import java.util.List;
import java.util.stream.Stream;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.block.shape.PieceShape;

/** The shape of a piece in words: {@code 2½ × 4½ in}, {@code wedge 8½ in high, 4¼ to 1¾ in}. */
public final class ShapeWords {

    private ShapeWords() {
    }

    public static String of(PieceShape shape, Words words) {
        List<LengthView> sizes = Stream.of(shape.measured(), List.of(shape.stripHeight())).filter(measures -> !measures.isEmpty())
                .findFirst().orElseThrow().stream().map(size -> LengthView.cut(size.value())).toList();
        return words.text("shape." + shape.code(), withUnit(sizes));
    }

    /** The numbers, and the unit that all of them have behind them; each with its own where they differ. */
    private static Object[] withUnit(List<LengthView> sizes) {
        boolean alike = sizes.stream().map(LengthView::unit).distinct().count() == 1;
        return Stream.concat(
                sizes.stream().map(size -> alike ? size.plainNumber() : size.plain()),
                Stream.of(alike ? sizes.get(0).unit() : "")).toArray();
    }
}
