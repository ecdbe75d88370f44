package retazo.core.quilt;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import retazo.core.block.Block;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/** How the blocks of a quilt are laid out. */
public sealed interface Setting {

    /**
     * The blocks of a size laid out, without borders.
     *
     * @param key stable start of the keys of all resulting figures
     */
    Layout layOut(String key, Block block, QuiltSize.Grid size);

    <R> R match(Function<Straight, R> straight);

    /**
     * Blocks laid out.
     *
     * @param width  finished
     * @param height finished
     */
    record Layout(
            Figure<Count> columns, Figure<Count> rows, Figure<Count> blocks, Figure<Length> width, Figure<Length> height) {
    }

    /** Upright, side by side in columns and rows. */
    record Straight() implements Setting {

        /** {@inheritDoc} A set of c columns × r rows of a block w × h is c·w wide and r·h high. */
        @Override
        public Layout layOut(String key, Block block, QuiltSize.Grid size) {
            Figure<Count> columns = typed(key + ".columns", "quilt.columns", size.columns(), size);
            Figure<Count> rows = typed(key + ".rows", "quilt.rows", size.rows(), size);
            return new Layout(
                    columns,
                    rows,
                    Arithmetic.productOfCounts(key + ".blocks", Label.of("quilt.blocks"), columns, rows),
                    Arithmetic.product(
                            key + ".width", Label.of("quilt.width"), columns,
                            side("block.width", block.finishedWidth(), block.columnWidths(), "columns")),
                    Arithmetic.product(
                            key + ".height", Label.of("quilt.height"), rows,
                            side("block.height", block.finishedHeight(), block.rowHeights(), "rows")));
        }

        private static Figure<Count> typed(String key, String label, int value, QuiltSize size) {
            return Figure.given(key, Label.of(label), new Count(value), Origin.pattern("sizes." + size.name()));
        }

        /** The width or height of a block: the sum of its typed columns or rows, or the size to which it is trimmed on the turn. */
        private static Figure<Length> side(String key, Length finished, List<Length> parts, String place) {
            if (!parts.stream().reduce(Length.ZERO, Length::plus).equals(finished)) {
                return Figure.given(key, Label.of(key), finished, Origin.pattern("block.trim"));
            }
            List<Figure<Length>> figures = new ArrayList<>();
            for (int i = 0; i < parts.size(); i++) {
                figures.add(Figure.given(
                        key + "." + (i + 1), Label.of(key + ".part", i + 1), parts.get(i), Origin.pattern("block." + place)));
            }
            return Arithmetic.sum(key, Label.of(key), figures);
        }

        @Override
        public <R> R match(Function<Straight, R> straight) {
            return straight.apply(this);
        }
    }
}
