package retazo.core.quilt.size;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import retazo.core.block.shape.FinishedSize;
import retazo.core.measure.Length;
import retazo.core.quilt.place.PlaceChange;
import retazo.core.quilt.place.PlaceGrid;

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
     * @param columns      blocks across, 1 to {@code PlaceGrid.MOST_BLOCKS_ACROSS}
     * @param rows         blocks down, likewise
     * @param borderWidths finished widths from the inside out, 0 for one that this size leaves out; may be fewer than the design has
     *                     borders
     * @param overrides    what else this size has of its own
     */
    record Grid(
            SizeKey key, String name, int columns, int rows, List<Length> borderWidths, Optional<FinishedSize> printed,
            Overrides overrides)
            implements
                QuiltSize {
        public Grid {
            borderWidths = List.copyOf(borderWidths);
        }

        /** A size whose paper states no finished size. */
        public static Grid of(SizeKey key, String name, int columns, int rows, List<Length> borderWidths) {
            return new Grid(key, name, columns, rows, borderWidths, Optional.empty(), Overrides.NONE);
        }

        /** The same size with another grid; changes by hand in places that it has no more are left out. */
        public Grid withGrid(int newColumns, int newRows) {
            return new Grid(key, name, newColumns, newRows, borderWidths, printed, overrides);
        }

        public Grid withBorders(List<Length> widths) {
            return new Grid(key, name, columns, rows, widths, printed, overrides);
        }

        public Grid with(Overrides newOverrides) {
            return new Grid(key, name, columns, rows, borderWidths, printed, newOverrides);
        }

        @Override
        public <R> R match(Function<Grid, R> grid, Function<Printed, R> printedOnly) {
            return grid.apply(this);
        }
    }

    /**
     * What a size has of its own beside its grid and borders.
     *
     * @param sash       finished width of its sashes
     * @param blockWidth finished width of its blocks, which are drawn larger or smaller whole
     * @param changes    what was changed by hand in its places, in their order
     */
    record Overrides(Optional<Length> sash, Optional<Length> blockWidth, List<PlaceChange> changes) {

        public static final Overrides NONE = new Overrides(Optional.empty(), Optional.empty(), List.of());

        public Overrides {
            changes = List.copyOf(changes);
        }

        public Overrides with(PlaceChange change) {
            List<PlaceChange> more = new ArrayList<>(changes);
            more.add(change);
            return new Overrides(sash, blockWidth, more);
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
