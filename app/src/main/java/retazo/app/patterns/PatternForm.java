package retazo.app.patterns;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import retazo.core.block.CellGrid;
import retazo.core.block.Role;
import retazo.core.block.RoleKey;
import retazo.core.measure.Length;
import retazo.core.measure.LengthParts;
import retazo.core.measure.LengthUnit;
import retazo.core.quilt.QuiltDesign;
import retazo.core.quilt.QuiltSize;

/**
 * A pattern as typed.
 *
 * @param version     which version was opened, 0 for a new pattern
 * @param columns     widths of the block's columns, such as {@code 3, 3, 6} or {@code 4 x 3}
 * @param rows        heights of the block's rows, likewise
 * @param cellColumns how many columns the typed cells have
 * @param cells       the texts of the cells, row by row
 * @param border      letter of the border's role, empty for none
 */
record PatternForm(
        int version,
        @Nullable String name,
        @Nullable List<RoleRow> roles,
        @Nullable String columns,
        @Nullable String rows,
        int cellColumns,
        @Nullable List<String> cells,
        @Nullable String border,
        @Nullable String binding,
        @Nullable String backing,
        @Nullable List<SizeRow> sizes) {

    private static final int LEAST_ROLE_ROWS = 5;
    private static final int LEAST_SIZE_ROWS = 4;

    /** A role's row; its letter is its place. */
    record RoleRow(@Nullable String key, @Nullable String name) {
        boolean isBlank() {
            return text(name).isEmpty();
        }
    }

    /** A size's row. */
    record SizeRow(@Nullable String key, @Nullable String name, @Nullable String columns, @Nullable String rows, @Nullable String border) {
        boolean isBlank() {
            return (text(name) + text(columns) + text(rows) + text(border)).isEmpty();
        }
    }

    static PatternForm empty() {
        return new PatternForm(0, "", List.of(), "3 x 4", "3 x 4", 3, List.of(), "", "", "", List.of()).padded(3, 3);
    }

    static PatternForm of(PatternVersion pattern) {
        QuiltDesign design = pattern.design();
        Map<RoleKey, String> letters = design.roles().stream().collect(Collectors.toMap(Role::key, Role::letter));
        List<List<String>> grid = CellGrid.write(design.block(), letters);
        return new PatternForm(
                        pattern.number(),
                        pattern.name(),
                        rolesByLetter(design),
                        typed(design.block().columnWidths()),
                        typed(design.block().rowHeights()),
                        grid.get(0).size(),
                        grid.stream().flatMap(List::stream).toList(),
                        design.borders().isEmpty() ? "" : letters.get(design.borders().get(0).role()),
                        letters.get(design.binding()),
                        letters.get(design.backing()),
                        design.sizes().stream().map(PatternForm::row).toList())
                .padded(grid.get(0).size(), grid.size());
    }

    /** The rows of the roles, with empty ones where a letter is not used. */
    private static List<RoleRow> rolesByLetter(QuiltDesign design) {
        List<RoleRow> rows = new ArrayList<>();
        for (Role role : design.roles()) {
            while (rows.size() < role.letter().charAt(0) - 'A') {
                rows.add(new RoleRow("", ""));
            }
            rows.add(new RoleRow(role.key().value(), role.name()));
        }
        return rows;
    }

    private static SizeRow row(QuiltSize size) {
        return size.match(grid -> new SizeRow(
                grid.key().value(), grid.name(), Integer.toString(grid.columns()), Integer.toString(grid.rows()),
                grid.borderWidths().isEmpty() ? "" : inches(grid.borderWidths().get(0))));
    }

    private static String typed(List<Length> lines) {
        boolean equal = lines.stream().distinct().count() == 1;
        return equal && lines.size() > 1
                ? lines.size() + " x " + inches(lines.get(0))
                : lines.stream().map(PatternForm::inches).collect(Collectors.joining(", "));
    }

    private static String inches(Length length) {
        return LengthParts.of(length, LengthUnit.INCH).plainNumber();
    }

    /** The same texts on a grid of so many columns and rows, with rows to spare for more roles and sizes. */
    PatternForm padded(int gridColumns, int gridRows) {
        List<String> moved = new ArrayList<>(Collections.nCopies(gridColumns * gridRows, ""));
        List<String> typed = cells == null ? List.of() : cells;
        for (int i = 0; i < typed.size() && cellColumns > 0; i++) {
            int column = i % cellColumns;
            int row = i / cellColumns;
            if (column < gridColumns && row < gridRows) {
                moved.set(row * gridColumns + column, text(typed.get(i)));
            }
        }
        List<RoleRow> roleRows = withSpare(roles, new RoleRow("", ""), LEAST_ROLE_ROWS, QuiltDesign.MOST_ROLES);
        List<SizeRow> sizeRows = withSpare(sizes, new SizeRow("", "", "", "", ""), LEAST_SIZE_ROWS, QuiltDesign.MOST_SIZES);
        return new PatternForm(
                version, name, roleRows, columns, rows, gridColumns, moved, border, binding, backing, sizeRows);
    }

    private static <T> List<T> withSpare(@Nullable List<T> typed, T blank, int least, int most) {
        List<T> padded = new ArrayList<>(typed == null ? List.of() : typed);
        while (padded.size() > 0 && padded.get(padded.size() - 1).equals(blank)) {
            padded.remove(padded.size() - 1);
        }
        int wanted = Math.min(most, Math.max(least, padded.size() + 1));
        while (padded.size() < wanted) {
            padded.add(blank);
        }
        return padded;
    }

    /** The typed cells by row and column. */
    public List<List<String>> grid() {
        List<String> typed = cells == null ? List.of() : cells;
        List<List<String>> grid = new ArrayList<>();
        for (int from = 0; cellColumns > 0 && from + cellColumns <= typed.size(); from += cellColumns) {
            grid.add(typed.subList(from, from + cellColumns));
        }
        return grid;
    }

    /** The letter of a role's row. */
    public static String letter(int index) {
        return String.valueOf((char) ('A' + index));
    }

    static String text(@Nullable String typed) {
        return typed == null ? "" : typed.strip();
    }
}
