package retazo.core.block;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/**
 * Units on a grid that they cover exactly once.
 *
 * @param columnWidths finished widths from the left
 * @param rowHeights   finished heights from the top
 * @param cells        in reading order of their first row and column
 */
public record Block(List<Length> columnWidths, List<Length> rowHeights, List<Cell> cells) {

    /** The most columns or rows of a block. */
    public static final int MOST_LINES = 12;

    /** The largest finished column or row. */
    public static final Length LARGEST_LINE = Length.ofInches(60);

    /**
     * @throws IllegalArgumentException if the cells do not make a block; {@link #problems} tells a person
     */
    public Block {
        columnWidths = List.copyOf(columnWidths);
        rowHeights = List.copyOf(rowHeights);
        cells = List.copyOf(cells);
        List<Problem> problems = problems(columnWidths, rowHeights, cells);
        if (!problems.isEmpty()) {
            throw new IllegalArgumentException("The block has faults: " + problems);
        }
    }

    /** What keeps cells from making a block, each at {@code columns}, {@code rows} or {@code cells.row.column} from 0. */
    public static List<Problem> problems(List<Length> columnWidths, List<Length> rowHeights, List<Cell> cells) {
        List<Problem> problems = new ArrayList<>();
        lineProblem("columns", columnWidths).ifPresent(problems::add);
        lineProblem("rows", rowHeights).ifPresent(problems::add);
        if (!problems.isEmpty()) {
            return problems;
        }
        boolean[][] covered = new boolean[rowHeights.size()][columnWidths.size()];
        for (Cell cell : cells) {
            cellProblem(cell, columnWidths, rowHeights, covered).ifPresent(problems::add);
        }
        for (int row = 0; row < covered.length; row++) {
            for (int column = 0; column < covered[row].length; column++) {
                if (!covered[row][column]) {
                    problems.add(Problem.at(place(row, column), "block.hole", row + 1, column + 1));
                }
            }
        }
        return problems;
    }

    private static Optional<Problem> lineProblem(String place, List<Length> lines) {
        if (lines.isEmpty() || lines.size() > MOST_LINES) {
            return Optional.of(Problem.at(place, "block.lines", lines.size(), MOST_LINES));
        }
        return lines.stream()
                .filter(line -> !line.isPositive() || line.isLongerThan(LARGEST_LINE))
                .findFirst()
                .map(line -> Problem.at(place, "block.line-size", line, LARGEST_LINE));
    }

    private static Optional<Problem> cellProblem(
            Cell cell, List<Length> columnWidths, List<Length> rowHeights, boolean[][] covered) {
        String place = place(cell.row(), cell.column());
        if (cell.column() < 0 || cell.row() < 0 || cell.columnSpan() < 1 || cell.rowSpan() < 1
                || cell.column() + cell.columnSpan() > columnWidths.size()
                || cell.row() + cell.rowSpan() > rowHeights.size()) {
            return Optional.of(Problem.at(place, "block.outside"));
        }
        if (coverTwice(cell, covered)) {
            return Optional.of(Problem.at(place, "block.overlap"));
        }
        Length width = sum(columnWidths, cell.column(), cell.columnSpan());
        Length height = sum(rowHeights, cell.row(), cell.rowSpan());
        return cell.unit().match(
                patch -> Optional.empty(),
                halfSquare -> !width.equals(height)
                        ? Optional.of(Problem.at(place, "block.half-square-not-square", width, height))
                        : halfSquare.first().equals(halfSquare.second())
                                ? Optional.of(Problem.at(place, "block.half-square-one-role"))
                                : Optional.empty());
    }

    /** Marks the cell's places as covered, and says whether one was before. */
    private static boolean coverTwice(Cell cell, boolean[][] covered) {
        boolean twice = false;
        for (int row = cell.row(); row < cell.row() + cell.rowSpan(); row++) {
            for (int column = cell.column(); column < cell.column() + cell.columnSpan(); column++) {
                twice |= covered[row][column];
                covered[row][column] = true;
            }
        }
        return twice;
    }

    private static String place(int row, int column) {
        return "cells." + row + "." + column;
    }

    private static Length sum(List<Length> lines, int from, int count) {
        return lines.subList(from, from + count).stream().reduce(Length.ZERO, Length::plus);
    }

    public Length finishedWidth() {
        return sum(columnWidths, 0, columnWidths.size());
    }

    public Length finishedHeight() {
        return sum(rowHeights, 0, rowHeights.size());
    }

    /** The units of one block and how many of each, in the order in which they first occur. */
    public Map<SewnUnit, Count> units() {
        Map<SewnUnit, Count> units = new LinkedHashMap<>();
        for (Cell cell : cells) {
            SewnUnit unit = cell.unit().at(
                    sum(columnWidths, cell.column(), cell.columnSpan()), sum(rowHeights, cell.row(), cell.rowSpan()));
            units.merge(unit, Count.ONE, Count::plus);
        }
        return units;
    }

    /** The block as it is seen, from its top left corner. */
    public List<DrawnPatch> draw() {
        return draw(columnWidths, rowHeights, cells);
    }

    /** Cells as they are seen, also while they do not make a block yet; each must lie inside the grid. */
    public static List<DrawnPatch> draw(List<Length> columnWidths, List<Length> rowHeights, List<Cell> cells) {
        List<DrawnPatch> drawing = new ArrayList<>();
        for (Cell cell : cells) {
            Length x = sum(columnWidths, 0, cell.column());
            Length y = sum(rowHeights, 0, cell.row());
            Length width = sum(columnWidths, cell.column(), cell.columnSpan());
            Length height = sum(rowHeights, cell.row(), cell.rowSpan());
            for (DrawnPatch patch : cell.unit().draw(width, height, cell.turn())) {
                drawing.add(new DrawnPatch(
                        patch.role(), patch.outline().stream().map(point -> point.plus(x, y)).toList()));
            }
        }
        return drawing;
    }
}
