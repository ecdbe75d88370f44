package retazo.core.block;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import retazo.core.block.shape.Orientation;
import retazo.core.block.shape.Turn;
import retazo.core.block.unit.UnitText;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Problem;
import retazo.core.measure.Reading;

/**
 * The short texts that a block's cells are typed with: a unit as {@link UnitText} reads it, or {@code block KEY} for a
 * smaller block; {@code @90}, {@code @180} or {@code @270} behind it turns it clockwise, {@code @0m} and so on mirrors it
 * first. {@code A\B} is short for {@code A/B @270}: a seam that falls, A at the lower left. {@code <} goes on from the cell at
 * the left, {@code ^} from the cell above.
 */
public final class CellGrid {

    private static final Pattern TURNED = Pattern.compile("(.*?)(?:\\s*@(0|90|180|270)(m?))?");
    private static final Pattern FALLING = Pattern.compile("([A-Za-z])\\\\([A-Za-z])");
    private static final Pattern INNER = Pattern.compile("block\\s+([A-Za-z0-9-]{1,20})");
    private static final String FROM_LEFT = "<";
    private static final String FROM_ABOVE = "^";

    private CellGrid() {
    }

    /** What came of reading a typed grid: the cells read, and what was wrong at which place. */
    public record Grid(List<Cell> cells, List<Problem> problems) {
        public Grid {
            cells = List.copyOf(cells);
            problems = List.copyOf(problems);
        }
    }

    /**
     * What letters and keys in the texts stand for.
     *
     * @param roles  by their letter
     * @param blocks that may stand in a cell, by key or name
     */
    public record Names(Map<String, RoleKey> roles, Map<String, InnerBlock> blocks) {
        public Names {
            roles = Map.copyOf(roles);
            blocks = Map.copyOf(blocks);
        }
    }

    /**
     * Reads a typed grid.
     *
     * @param rows texts by row and column; every row of the same length
     */
    public static Grid read(List<List<String>> rows, Names names) {
        List<Problem> problems = new ArrayList<>();
        List<Cell> cells = new ArrayList<>();
        int[][] owner = new int[rows.size()][];
        for (int row = 0; row < rows.size(); row++) {
            owner[row] = new int[rows.get(row).size()];
            for (int column = 0; column < rows.get(row).size(); column++) {
                String text = rows.get(row).get(column).strip();
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
                    Optional<Problem> problem = readCell(text, row, column, names, cells);
                    problem.ifPresentOrElse(problems::add, () -> {
                    });
                    owner[row][column] = problem.isPresent() ? -1 : cells.size() - 1;
                }
            }
        }
        problems.addAll(unequalSpans(cells, owner));
        return new Grid(cells, problems);
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
                cell.content(),
                cell.orientation());
    }

    private static Optional<Problem> readCell(String text, int row, int column, Names names, List<Cell> cells) {
        if (text.isEmpty()) {
            return Optional.of(Problem.at(place(row, column), "cell.missing"));
        }
        return readContent(text, names).match(
                placed -> {
                    cells.add(Cell.at(column, row, placed.content(), placed.orientation()));
                    return Optional.empty();
                },
                problem -> Optional.of(problem.movedTo(place(row, column))));
    }

    /** What stands in a cell, and how it lies. */
    public record Placed(CellContent content, Orientation orientation) {
    }

    /** Reads what stands in one cell. */
    public static Reading<Placed> readContent(String typed, Names names) {
        Matcher falling = FALLING.matcher(typed.strip());
        String text = falling.matches() ? falling.group(1) + "/" + falling.group(2) + " @270" : typed.strip();
        Matcher turned = TURNED.matcher(text);
        if (!turned.matches()) {
            return Reading.fault("cell.unreadable", text.length() > 20 ? text.substring(0, 20) + "…" : text);
        }
        int degrees = turned.group(2) == null ? 0 : Integer.parseInt(turned.group(2));
        Orientation orientation = new Orientation(Turn.values()[degrees / 90], "m".equals(turned.group(3)));
        Matcher inner = INNER.matcher(turned.group(1));
        if (inner.matches()) {
            InnerBlock block = names.blocks().get(inner.group(1));
            return block == null
                    ? Reading.fault("cell.unknown-block", inner.group(1))
                    : Reading.of(new Placed(block, orientation));
        }
        return UnitText.read(turned.group(1), names.roles())
                .map(unit -> new Placed(new SewnUnit(unit), orientation));
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
        return write(cell.content(), cell.orientation(), letters);
    }

    /** The text that {@link #readContent} reads back. */
    public static String write(CellContent content, Orientation orientation, Map<RoleKey, String> letters) {
        String text = content.text(letters::get);
        boolean halfSquare = text.length() == 3 && text.charAt(1) == '/' && !orientation.mirrored();
        if (halfSquare && orientation.turn() == Turn.THREE_QUARTERS) {
            return text.replace('/', '\\');
        }
        return orientation.equals(Orientation.UPRIGHT)
                ? text
                : text + " @" + orientation.turn().degrees() + (orientation.mirrored() ? "m" : "");
    }

    private static String place(int row, int column) {
        return "cells." + row + "." + column;
    }
}
