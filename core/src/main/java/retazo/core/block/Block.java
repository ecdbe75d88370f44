package retazo.core.block;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import retazo.core.block.shape.DrawnPatch;
import retazo.core.block.shape.FinishedSize;
import retazo.core.block.shape.Turn;
import retazo.core.block.spec.Scale;
import retazo.core.block.unit.SizedUnit;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/**
 * Units and smaller blocks on a grid that they cover exactly once.
 *
 * @param columnWidths finished widths from the left
 * @param rowHeights   finished heights from the top
 * @param cells        in reading order of their first row and column
 * @param trim         to what the sewn grid is trimmed on the turn, where it is
 */
public record Block(List<Length> columnWidths, List<Length> rowHeights, List<Cell> cells, Optional<Trim> trim) {

    /** The most columns or rows of a block. */
    public static final int MOST_LINES = 12;

    /** The largest finished column or row. */
    public static final Length LARGEST_LINE = Length.ofInches(60);

    private static final Comparator<Cell> READING_ORDER = Comparator.comparing(Cell::row).thenComparing(Cell::column);

    /**
     * @throws IllegalArgumentException if the cells do not make a block; {@link #problems} tells a person
     */
    public Block {
        columnWidths = List.copyOf(columnWidths);
        rowHeights = List.copyOf(rowHeights);
        cells = cells.stream().sorted(READING_ORDER).toList();
        List<Problem> problems = problems(columnWidths, rowHeights, cells, trim);
        if (!problems.isEmpty()) {
            throw new IllegalArgumentException("The block has faults: " + problems);
        }
    }

    /** A block that is sewn to the size of its grid. */
    public static Block of(List<Length> columnWidths, List<Length> rowHeights, List<Cell> cells) {
        return new Block(columnWidths, rowHeights, cells, Optional.empty());
    }

    /** What keeps cells from making a block, each at {@code columns}, {@code rows}, {@code trim} or {@code cells.row.column} from 0. */
    public static List<Problem> problems(
            List<Length> columnWidths, List<Length> rowHeights, List<Cell> cells, Optional<Trim> trim) {
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
        trim.flatMap(cut -> cut.problem(new FinishedSize(all(columnWidths), all(rowHeights)))).ifPresent(problems::add);
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
        return cell.content().problem(upright(cell, columnWidths, rowHeights)).map(problem -> problem.movedTo(place));
    }

    /** The finished size of what stands in a cell, as it is before it is turned. */
    private static FinishedSize upright(Cell cell, List<Length> columnWidths, List<Length> rowHeights) {
        return new FinishedSize(
                sum(columnWidths, cell.column(), cell.columnSpan()), sum(rowHeights, cell.row(), cell.rowSpan()))
                .turned(cell.orientation().turn());
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
        return all(lines.subList(from, from + count));
    }

    private static Length all(List<Length> lines) {
        return lines.stream().reduce(Length.ZERO, Length::plus);
    }

    /** The size of its grid, before it is trimmed. */
    public FinishedSize grid() {
        return new FinishedSize(all(columnWidths), all(rowHeights));
    }

    public FinishedSize finished() {
        return trim.map(Trim::size).orElseGet(this::grid);
    }

    public Length finishedWidth() {
        return finished().width();
    }

    public Length finishedHeight() {
        return finished().height();
    }

    /** Every role in it, in the order in which they first occur. */
    public List<RoleKey> roles() {
        return cells.stream().flatMap(cell -> cell.content().roles().stream()).distinct().toList();
    }

    /** The units of one block and how many of each, in the order in which they first occur. */
    public Map<SizedUnit, Count> units() {
        return units(false);
    }

    Map<SizedUnit, Count> units(boolean mirrored) {
        Map<SizedUnit, Count> units = new LinkedHashMap<>();
        for (Cell cell : cells) {
            cell.content()
                    .units(upright(cell, columnWidths, rowHeights), mirrored != cell.orientation().mirrored())
                    .forEach((unit, count) -> units.merge(unit, count, Count::plus));
        }
        return units;
    }

    /** Those of its units that lie a quarter turned in it. */
    public Map<SizedUnit, Count> turnedUnits() {
        return turnedUnits(false, false);
    }

    Map<SizedUnit, Count> turnedUnits(boolean mirrored, boolean turned) {
        Map<SizedUnit, Count> units = new LinkedHashMap<>();
        for (Cell cell : cells) {
            cell.content()
                    .turnedUnits(
                            upright(cell, columnWidths, rowHeights), mirrored != cell.orientation().mirrored(),
                            turned != cell.orientation().turn().isSideways())
                    .forEach((unit, count) -> units.merge(unit, count, Count::plus));
        }
        return units;
    }

    /** The same block with each role replaced; empty where the new roles make no such unit. */
    public Optional<Block> recoloured(UnaryOperator<RoleKey> change) {
        return changed(cell -> cell.content().recoloured(change));
    }

    /**
     * The same block with the roles of each quarter replaced; a cell that lies across the middle keeps its roles.
     *
     * @param changes for the quarters at the top left, top right, bottom right and bottom left
     */
    public Optional<Block> recolouredByQuarter(List<? extends UnaryOperator<RoleKey>> changes) {
        return changed(cell -> quarter(cell)
                .<Optional<? extends CellContent>>map(quarter -> cell.content().recoloured(changes.get(quarter)))
                .orElseGet(() -> Optional.of(cell.content())));
    }

    private Optional<Block> changed(Function<Cell, Optional<? extends CellContent>> change) {
        List<Cell> changed = new ArrayList<>();
        for (Cell cell : cells) {
            change.apply(cell).ifPresent(content -> changed.add(new Cell(
                    cell.column(), cell.row(), cell.columnSpan(), cell.rowSpan(), content, cell.orientation())));
        }
        boolean possible = changed.size() == cells.size() && problems(columnWidths, rowHeights, changed, trim).isEmpty();
        return possible ? Optional.of(new Block(columnWidths, rowHeights, changed, trim)) : Optional.empty();
    }

    /** The quarter in which a cell lies whole, from 0 at the top left clockwise; empty for one across the middle. */
    private Optional<Integer> quarter(Cell cell) {
        FinishedSize grid = grid();
        int across = half(sum(columnWidths, 0, cell.column()), sum(columnWidths, 0, cell.column() + cell.columnSpan()), grid.width());
        int down = half(sum(rowHeights, 0, cell.row()), sum(rowHeights, 0, cell.row() + cell.rowSpan()), grid.height());
        return across < 0 || down < 0 ? Optional.empty() : Optional.of(down == 0 ? across : 3 - across);
    }

    /** 0 in the first half, 1 in the second, −1 across the middle. */
    private static int half(Length from, Length to, Length whole) {
        return !to.times(2).isLongerThan(whole) ? 0 : !from.times(2).isShorterThan(whole) ? 1 : -1;
    }

    /** Whether a role occurs in a cell that lies across the middle, so that quarters cannot be coloured by themselves. */
    public boolean crossesMiddle(RoleKey role) {
        return cells.stream().anyMatch(cell -> quarter(cell).isEmpty() && cell.content().roles().contains(role));
    }

    /** The same block with every length scaled; empty where one falls between two ticks, or a line grows too long. */
    public Optional<Block> scaled(Scale scale) {
        Optional<List<Length>> columns = scale.of(columnWidths);
        Optional<List<Length>> rows = scale.of(rowHeights);
        List<Cell> scaled = new ArrayList<>();
        for (Cell cell : cells) {
            cell.content().scaled(scale).ifPresent(content -> scaled.add(new Cell(
                    cell.column(), cell.row(), cell.columnSpan(), cell.rowSpan(), content, cell.orientation())));
        }
        Optional<Optional<Trim>> trimmed = trim.isEmpty() ? Optional.of(trim) : trim.get().scaled(scale).map(Optional::of);
        if (columns.isEmpty() || rows.isEmpty() || scaled.size() < cells.size() || trimmed.isEmpty()
                || !problems(columns.get(), rows.get(), scaled, trimmed.get()).isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Block(columns.get(), rows.get(), scaled, trimmed.get()));
    }

    /** The same block turned clockwise: other cells, the same pieces. */
    public Block turned(Turn turn) {
        Block block = this;
        for (int quarter = 0; quarter < turn.ordinal(); quarter++) {
            block = block.turnedAQuarter();
        }
        return block;
    }

    private Block turnedAQuarter() {
        List<Length> columns = new ArrayList<>(rowHeights);
        Collections.reverse(columns);
        List<Cell> moved = cells.stream()
                .map(cell -> new Cell(
                        rowHeights.size() - cell.row() - cell.rowSpan(), cell.column(), cell.rowSpan(), cell.columnSpan(),
                        cell.content(), cell.orientation().then(Turn.QUARTER)))
                .toList();
        return new Block(columns, columnWidths, moved, trim.map(cut -> new Trim(cut.size().turned(Turn.QUARTER), cut.degrees())));
    }

    /** The same block mirrored left to right. */
    public Block mirrored() {
        List<Length> columns = new ArrayList<>(columnWidths);
        Collections.reverse(columns);
        List<Cell> moved = cells.stream()
                .map(cell -> new Cell(
                        columnWidths.size() - cell.column() - cell.columnSpan(), cell.row(), cell.columnSpan(), cell.rowSpan(),
                        cell.content(), cell.orientation().thenMirrored()))
                .toList();
        return new Block(columns, rowHeights, moved, trim.map(cut -> new Trim(cut.size(), -cut.degrees())));
    }

    /** The block as it is seen, from its top left corner. */
    public List<DrawnPatch> draw() {
        List<DrawnPatch> drawing = draw(columnWidths, rowHeights, cells);
        return trim.map(cut -> cut.cut(drawing, grid())).orElse(drawing);
    }

    /** Cells as they are seen, also while they do not make a block yet; one that cannot be sewn in its cell is left out. */
    public static List<DrawnPatch> draw(List<Length> columnWidths, List<Length> rowHeights, List<Cell> cells) {
        List<DrawnPatch> drawing = new ArrayList<>();
        for (Cell cell : cells) {
            FinishedSize size = upright(cell, columnWidths, rowHeights);
            if (cell.content().problem(size).isPresent()) {
                continue;
            }
            Length x = sum(columnWidths, 0, cell.column());
            Length y = sum(rowHeights, 0, cell.row());
            for (DrawnPatch patch : cell.orientation().lay(cell.content().draw(size), size)) {
                drawing.add(new DrawnPatch(patch.role(), patch.outline().stream().map(point -> point.plus(x, y)).toList()));
            }
        }
        return drawing;
    }
}
