package retazo.core.block;

import retazo.core.block.shape.Orientation;
import retazo.core.block.unit.Unit;

/**
 * A unit or a smaller block in its place on the grid of a block.
 *
 * @param column     first column, from 0
 * @param row        first row, from 0
 * @param columnSpan how many columns it covers, 1 or more
 * @param rowSpan    how many rows it covers, 1 or more
 */
public record Cell(int column, int row, int columnSpan, int rowSpan, CellContent content, Orientation orientation) {

    /** A cell that covers one column and one row. */
    public static Cell at(int column, int row, CellContent content, Orientation orientation) {
        return new Cell(column, row, 1, 1, content, orientation);
    }

    /** A unit in a cell that covers one column and one row. */
    public static Cell at(int column, int row, Unit unit, Orientation orientation) {
        return at(column, row, new SewnUnit(unit), orientation);
    }
}
