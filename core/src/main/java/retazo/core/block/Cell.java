package retazo.core.block;

/**
 * A unit in its place on the grid of a block.
 *
 * @param column     first column, from 0
 * @param row        first row, from 0
 * @param columnSpan how many columns it covers, 1 or more
 * @param rowSpan    how many rows it covers, 1 or more
 */
public record Cell(int column, int row, int columnSpan, int rowSpan, CellUnit unit, Turn turn) {
}
