package retazo.core.quilt;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import retazo.core.block.FinishedSize;
import retazo.core.measure.Length;

/** A size in which a pattern is offered. */
public sealed interface QuiltSize {

    SizeKey key();

    /** What customers call it: {@code Throw}. */
    String name();

    /** The finished size that the pattern's paper states, where it does. */
    Optional<FinishedSize> printed();

    <R> R match(Function<Grid, R> grid, Function<Printed, R> printedOnly);

    /**
     * A size made of whole blocks.
     *
     * @param columns      blocks across, 1 to {@link QuiltDesign#MOST_BLOCKS_ACROSS}
     * @param rows         blocks down, likewise
     * @param borderWidths finished widths from the inside out; may be fewer than the design has borders
     */
    record Grid(SizeKey key, String name, int columns, int rows, List<Length> borderWidths, Optional<FinishedSize> printed)
            implements QuiltSize {
        public Grid {
            borderWidths = List.copyOf(borderWidths);
        }

        /** A size whose paper states no finished size. */
        public static Grid of(SizeKey key, String name, int columns, int rows, List<Length> borderWidths) {
            return new Grid(key, name, columns, rows, borderWidths, Optional.empty());
        }

        @Override
        public <R> R match(Function<Grid, R> grid, Function<Printed, R> printedOnly) {
            return grid.apply(this);
        }
    }

    /** A size that only the pattern's paper knows: no grid is drawn for it. */
    record Printed(SizeKey key, String name, Optional<FinishedSize> printed) implements QuiltSize {
        @Override
        public <R> R match(Function<Grid, R> grid, Function<Printed, R> printedOnly) {
            return printedOnly.apply(this);
        }
    }
}
