package retazo.core.block;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import retazo.core.measure.Problem;

/**
 * The short text for a cell that a block is typed with: {@code A} is a patch; {@code A/B} a half-square triangle whose
 * seam rises, A at the upper left; {@code A\B} one whose seam falls, A at the lower left; {@code <} goes on from the
 * cell at the left, {@code ^} from the cell above.
 */
public final class CellGrid {

    private static final Pattern UNIT = Pattern.compile("([A-Z])(?:([/\\\\])([A-Z]))?");
    private static final String FROM_LEFT = "<";
    private static final String FROM_ABOVE = "^";

    private CellGrid() {
    }

    /** What came of reading a typed grid: the cells read, and what was wrong at which place. */
    public record Reading(List<Cell> cells, List<Problem> problems) {
        public Reading {
            cells = List.copyOf(cells);
            problems = List.copyOf(problems);
        }
    }

    /**
     * Reads a typed grid.
     *
     * @param rows  texts by row and column; every row of the same length
     * @param roles the roles by their letter
     */
    public static Reading read(List<List<String>> rows, Map<String, RoleKey> roles) {
        List<Problem> problems = new ArrayList<>();
        List<Cell> cells = new ArrayList<>();
        int[][] owner = new int[rows.size()][];
        for (int row = 0; row < rows.size(); row++) {
            owner[row] = new int[rows.get(row).size()];
            for (int column = 0; column < rows.get(row).size(); column++) {
                String text = rows.get(row).get(column).strip().toUpperCase(java.util.Locale.ROOT);
                owner[row][column] = -1;
                if (text.equals(FROM_LEFT) || text.equals(FROM_ABOVE)) {
                    int from = neighbour(owner, row, column, text);
                    if (from < 0) {
                        problems.add(Problem.at(place(row, column), "cell.nothing-to-continue", text));
                    } else {
                        owner[row][column] = from;
                        cells.set(from, grown(cells.get(from), row, column));
                    }
                } else {
                    Optional<Problem> problem = readUnit(text, row, column, roles, cells);
                    problem.ifPresentOrElse(problems::add, () -> { });
                    owner[row][column] = problem.isPresent() ? -1 : cells.size() - 1;
                }
            }
        }
        problems.addAll(unequalSpans(cells, owner));
        return new Reading(cells, problems);
    }

    private static int neighbour(int[][] owner, int row, int column, String text) {
        if (text.equals(FROM_LEFT)) {
            return column == 0 ? -1 : owner[row][column - 1];
        }
        return row == 0 || column >= owner[row - 1].length ? -1 : owner[row - 1][column];
    }

    private static Cell grown(Cell cell, int row, int column) {
        return new Cell(
                cell.column(),
                cell.row(),
                Math.max(cell.columnSpan(), column - cell.column() + 1),
                Math.max(cell.rowSpan(), row - cell.row() + 1),
                cell.unit(),
                cell.turn());
    }

    private static Optional<Problem> readUnit(
            String text, int row, int column, Map<String, RoleKey> roles, List<Cell> cells) {
        Matcher unit = UNIT.matcher(text);
        if (text.isEmpty()) {
            return Optional.of(Problem.at(place(row, column), "cell.missing"));
        }
        if (!unit.matches()) {
            return Optional.of(Problem.at(place(row, column), "cell.unreadable", text.length() > 20 ? text.substring(0, 20) + "…" : text));
        }
        for (String letter : unit.group(3) == null ? List.of(unit.group(1)) : List.of(unit.group(1), unit.group(3))) {
            if (!roles.containsKey(letter)) {
                return Optional.of(Problem.at(place(row, column), "cell.unknown-role", letter));
            }
        }
        RoleKey first = roles.get(unit.group(1));
        boolean patch = unit.group(3) == null;
        CellUnit cellUnit = patch ? new CellUnit.Patch(first) : new CellUnit.HalfSquare(first, roles.get(unit.group(3)));
        Turn turn = patch || unit.group(2).equals("/") ? Turn.NONE : Turn.THREE_QUARTERS;
        cells.add(new Cell(column, row, 1, 1, cellUnit, turn));
        return Optional.empty();
    }

    /** Spans that are not rectangles: a place inside the span that belongs to another cell. */
    private static List<Problem> unequalSpans(List<Cell> cells, int[][] owner) {
        List<Problem> problems = new ArrayList<>();
        for (int index = 0; index < cells.size(); index++) {
            Cell cell = cells.get(index);
            for (int row = cell.row(); row < cell.row() + cell.rowSpan(); row++) {
                for (int column = cell.column(); column < cell.column() + cell.columnSpan(); column++) {
                    if (owner[row][column] != index && owner[row][column] >= 0) {
                        problems.add(Problem.at(place(row, column), "cell.span-not-a-rectangle"));
                    }
                }
            }
        }
        return problems;
    }

    /** The texts by row and column that {@link #read} reads back as this block. */
    public static List<List<String>> write(Block block, Map<RoleKey, String> letters) {
        Map<Integer, String> texts = new TreeMap<>();
        int columns = block.columnWidths().size();
        for (Cell cell : block.cells()) {
            for (int row = 0; row < cell.rowSpan(); row++) {
                for (int column = 0; column < cell.columnSpan(); column++) {
                    String text = column > 0 ? FROM_LEFT : row > 0 ? FROM_ABOVE : text(cell, letters);
                    texts.put((cell.row() + row) * columns + cell.column() + column, text);
                }
            }
        }
        List<List<String>> rows = new ArrayList<>();
        List<String> inOrder = List.copyOf(texts.values());
        for (int row = 0; row < block.rowHeights().size(); row++) {
            rows.add(inOrder.subList(row * columns, (row + 1) * columns));
        }
        return rows;
    }

    private static String text(Cell cell, Map<RoleKey, String> letters) {
        return cell.unit().match(
                patch -> letters.get(patch.role()),
                halfSquare -> {
                    String first = letters.get(halfSquare.first());
                    String second = letters.get(halfSquare.second());
                    return switch (cell.turn()) {
                        case NONE -> first + "/" + second;
                        case HALF -> second + "/" + first;
                        case THREE_QUARTERS -> first + "\\" + second;
                        case QUARTER -> second + "\\" + first;
                    };
                });
    }

    private static String place(int row, int column) {
        return "cells." + row + "." + column;
    }
}
