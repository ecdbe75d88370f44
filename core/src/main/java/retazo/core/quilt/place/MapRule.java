package retazo.core.quilt.place;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import retazo.core.block.BlockKey;
import retazo.core.block.shape.Turn;

/**
 * Placed by hand on a grid of its own; a larger quilt repeats the map or draws its last row and column out.
 *
 * @param columns of the map
 * @param rows    of the map; on point every half step is a row
 * @param steps   row by row, columns · rows of them
 */
public record MapRule(int columns, int rows, List<Step> steps, Fill fill) implements PlaceRule {

    /** What stands where the map has ended. */
    public enum Fill {
        REPEATED,
        DRAWN_OUT
    }

    public MapRule {
        steps = List.copyOf(steps);
        if (columns < 1 || rows < 1 || steps.size() != columns * rows) {
            throw new IllegalArgumentException(steps.size() + " blocks on a map of " + columns + " × " + rows);
        }
    }

    /**
     * What stands in each place, written out; colours that belong to places are not in it.
     *
     * @param elsewhere what stands in cells of the map that are no place of the grid
     */
    public static MapRule of(Arrangement arrangement, BlockKey elsewhere) {
        PlaceGrid grid = arrangement.grid();
        Step filler = new Step(elsewhere, Turn.NONE);
        int columns = 1 + grid.places().stream().mapToInt(grid::numberInRow).max().orElse(0);
        int rows = grid.lastRow() + 1;
        Step[] steps = new Step[columns * rows];
        Arrays.fill(steps, filler);
        arrangement.placements().forEach((place,
                placement) -> steps[place.row() * columns + grid.numberInRow(place)] = new Step(placement.kind(), placement.turn()));
        return new MapRule(columns, rows, List.of(steps), Fill.REPEATED);
    }

    /** A cell of a map, from 0. */
    public record Cell(int column, int row) {
    }

    /** The cell of the map that a place shows as its own; empty where the map is repeated or drawn out. */
    public Optional<Cell> cell(Place place, PlaceGrid grid) {
        Cell cell = new Cell(grid.numberInRow(place), place.row());
        return cell.column() < columns && cell.row() < rows ? Optional.of(cell) : Optional.empty();
    }

    @Override
    public Optional<MapRule> asMap() {
        return Optional.of(this);
    }

    @Override
    public Placement at(Place place, PlaceGrid grid) {
        int column = within(grid.numberInRow(place), columns);
        int row = within(place.row(), rows);
        return steps.get(row * columns + column).placed();
    }

    private int within(int line, int lines) {
        return fill == Fill.REPEATED ? line % lines : Math.min(line, lines - 1);
    }

    @Override
    public List<BlockKey> kinds() {
        return steps.stream().map(Step::kind).distinct().toList();
    }

    @Override
    public int parts() {
        return steps.size();
    }

    @Override
    public boolean turnsSideways() {
        return steps.stream().anyMatch(step -> step.turn().isSideways());
    }

    /** {@inheritDoc} A map is no larger than a quilt. */
    @Override
    public int mostParts() {
        return PlaceGrid.MOST_BLOCKS_ACROSS * PlaceGrid.MOST_BLOCKS_ACROSS;
    }

    @Override
    public <R> R match(Cases<R> cases) {
        return cases.handMap(this);
    }
}
