package retazo.core.quilt;

import java.util.List;
import java.util.function.Function;
import retazo.core.measure.Length;

/** A size in which a pattern is offered. */
public sealed interface QuiltSize {

    SizeKey key();

    /** What customers call it: {@code Throw}. */
    String name();

    <R> R match(Function<Grid, R> grid);

    /**
     * A size made of whole blocks.
     *
     * @param columns      blocks across, 1 to {@link QuiltDesign#MOST_BLOCKS_ACROSS}
     * @param rows         blocks down, likewise
     * @param borderWidths finished widths from the inside out; may be fewer than the design has borders
     */
    record Grid(SizeKey key, String name, int columns, int rows, List<Length> borderWidths) implements QuiltSize {
        public Grid {
            borderWidths = List.copyOf(borderWidths);
        }

        @Override
        public <R> R match(Function<Grid, R> grid) {
            return grid.apply(this);
        }
    }
}
