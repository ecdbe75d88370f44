package retazo.app.patterns.drawing;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import retazo.app.shared.Typed;
import retazo.core.block.Block;
import retazo.core.block.CellGrid;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;
import retazo.core.quilt.design.BlockKind;

/**
 * A block as typed.
 *
 * @param columns     widths of its columns, such as {@code 3, 3, 6} or {@code 4 x 3}
 * @param rows        heights of its rows, likewise
 * @param cellColumns how many columns the typed cells have
 * @param cells       the texts of the cells, row by row
 * @param trim        the size to which it is trimmed on the turn, {@code 6 1/2 x 6 1/2}; empty for none
 * @param degrees     how far it is turned then, clockwise
 */
public record BlockRow(
        @Nullable String key, @Nullable String name, @Nullable String columns, @Nullable String rows, int cellColumns,
        @Nullable List<String> cells, @Nullable String trim, @Nullable String degrees) {

    static final BlockRow BLANK = new BlockRow("", "", "", "", 0, List.of(), "", "");

    static BlockRow first() {
        return new BlockRow("", "block", "3 x 4", "3 x 4", 3, List.of(), "", "").padded(3, 3);
    }

    static BlockRow of(BlockKind kind, Map<RoleKey, String> letters) {
        Block block = kind.block();
        List<List<String>> grid = CellGrid.write(block, letters);
        return new BlockRow(
                kind.key().value(), kind.name(), typed(block.columnWidths()), typed(block.rowHeights()), grid.get(0).size(),
                grid.stream().flatMap(List::stream).toList(),
                block.trim().map(trim -> Typed.inches(trim.size().width()) + " x " + Typed.inches(trim.size().height())).orElse(""),
                block.trim().map(trim -> Integer.toString(trim.degrees())).orElse(""));
    }

    boolean isBlank() {
        return (Typed.text(name) + Typed.text(columns) + Typed.text(rows)).isEmpty();
    }

    private static String typed(List<Length> lines) {
        boolean equal = lines.stream().distinct().count() == 1;
        return equal && lines.size() > 1
                ? lines.size() + " x " + Typed.inches(lines.get(0))
                : lines.stream().map(Typed::inches).collect(Collectors.joining(", "));
    }

    /** The same texts on a grid of so many columns and rows. */
    BlockRow padded(int gridColumns, int gridRows) {
        List<String> moved = new ArrayList<>(Collections.nCopies(gridColumns * gridRows, ""));
        List<String> typed = Typed.list(cells);
        for (int i = 0; i < typed.size() && cellColumns > 0; i++) {
            int column = i % cellColumns;
            int row = i / cellColumns;
            if (column < gridColumns && row < gridRows) {
                moved.set(row * gridColumns + column, Typed.text(typed.get(i)));
            }
        }
        return new BlockRow(key, name, columns, rows, gridColumns, moved, trim, degrees);
    }

    /** The typed cells by row and column. */
    public List<List<String>> grid() {
        List<String> typed = Typed.list(cells);
        List<List<String>> grid = new ArrayList<>();
        for (int from = 0; cellColumns > 0 && from + cellColumns <= typed.size(); from += cellColumns) {
            grid.add(typed.subList(from, from + cellColumns));
        }
        return grid;
    }
}
