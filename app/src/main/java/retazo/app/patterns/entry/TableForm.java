package retazo.app.patterns.entry;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.rows.SizeRow;
import retazo.app.patterns.rows.UseText;
import retazo.app.shared.Typed;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.PrintedText;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeTable;

/**
 * A size table as typed: a column for each size, a row for each role and use.
 *
 * @param version which version was opened, 0 for a new pattern
 * @param pasted  a text to fill the grid from
 * @param lies    {@code across} or {@code down} where its sizes stand; empty to find out
 */
public record TableForm(
        int version, @Nullable String name, @Nullable List<SizeRow> sizes, @Nullable List<Row> rows, @Nullable String pasted,
        @Nullable String lies) {

    private static final int LEAST_ROWS = 6;
    private static final int LEAST_SIZES = 4;

    /**
     * One row.
     *
     * @param key   of its role, where it has one already
     * @param role  its name or letter
     * @param use   as {@link UseText} writes it; empty to take it from the name
     * @param cells one for each size
     */
    public record Row(@Nullable String key, @Nullable String role, @Nullable String use, @Nullable List<String> cells) {

        static final Row BLANK = new Row("", "", "", List.of());

        boolean isBlank() {
            return (Typed.text(role) + String.join("", Typed.list(cells).stream().map(Typed::text).toList())).isEmpty();
        }

        public String cell(int column) {
            List<String> typed = Typed.list(cells);
            return column < typed.size() ? Typed.text(typed.get(column)) : "";
        }
    }

    static TableForm empty() {
        return new TableForm(0, "", List.of(), List.of(), "", "").padded();
    }

    /** A version as it is; one without a table, with its roles and sizes. */
    static TableForm of(PatternVersion pattern) {
        QuiltDesign design = pattern.design();
        List<Row> rows = design.table()
                .map(table -> table.rows().stream().map(row -> row(row, design)).toList())
                .orElseGet(() -> design.roles().stream().map(role -> new Row(role.key().value(), role.name(), "", List.of())).toList());
        return new TableForm(pattern.number(), pattern.name(), SizeRow.of(design), rows, "", "").padded();
    }

    private static Row row(SizeTable.Row row, QuiltDesign design) {
        List<String> cells = new ArrayList<>();
        for (QuiltSize size : design.sizes()) {
            cells.add(PrintedText.write(row.cells().getOrDefault(size.key(), List.of())));
        }
        return new Row(row.role().value(), design.role(row.role()).name(), UseText.write(row.use()), cells);
    }

    /** Whether nothing but a text to fill from was sent, by somebody who has not opened the grid. */
    boolean isBare() {
        return version == 0 && rows == null && sizes == null;
    }

    /** The same grid with the text that is to fill it. */
    TableForm with(TableForm sent) {
        return new TableForm(version, name, sizes, rows, sent.pasted, sent.lies);
    }

    /** The same texts with rows and columns to spare. */
    TableForm padded() {
        List<SizeRow> paddedSizes = Typed.withSpare(sizes, SizeRow.BLANK, LEAST_SIZES, QuiltDesign.MOST_SIZES);
        List<Row> trimmed = new ArrayList<>(Typed.list(rows));
        while (!trimmed.isEmpty() && trimmed.get(trimmed.size() - 1).isBlank()) {
            trimmed.remove(trimmed.size() - 1);
        }
        List<Row> paddedRows = Typed.withSpare(trimmed, Row.BLANK, LEAST_ROWS, SizeTable.MOST_ROWS);
        return new TableForm(version, name, paddedSizes, paddedRows, pasted, lies);
    }

    /** The uses that can be chosen. */
    public static List<String> uses() {
        List<String> uses = new ArrayList<>(
                Stream.of(Use.BLOCKS, Use.SASH, Use.CORNERSTONE, Use.SETTING, Use.FLANGE).map(UseText::write).toList());
        for (int number = 1; number <= Use.MOST_BORDERS; number++) {
            uses.add(UseText.write(Use.border(number)));
        }
        uses.addAll(List.of(UseText.write(Use.BINDING), UseText.write(Use.BACKING)));
        return uses;
    }
}
