package retazo.app.opening;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import retazo.core.measure.Reading;

/**
 * A table whose columns are known.
 *
 * @param kind   what it is a list of
 * @param rows   its lines
 * @param unread headings that none of its columns has; their cells are not read
 */
record ListFile(ListKind kind, List<Row> rows, List<String> unread) {

    /** Finds out what a table is a list of: the kind that knows most of its headings. */
    static Reading<ListFile> of(CsvTable table, List<ListKind> kinds) {
        ListKind best = kinds.get(0);
        for (ListKind kind : kinds) {
            if (known(kind, table) > known(best, table)) {
                best = kind;
            }
        }
        if (known(best, table) < 2) {
            return Reading.fault("opening.file-headings", String.join(", ", table.heading()));
        }
        return of(table, best);
    }

    private static long known(ListKind kind, CsvTable table) {
        return table.heading().stream().filter(text -> kind.columns().stream().anyMatch(column -> column.isCalled(text))).count();
    }

    private static Reading<ListFile> of(CsvTable table, ListKind kind) {
        Map<Integer, Column> columns = new HashMap<>();
        List<String> unread = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < table.heading().size(); i++) {
            String text = table.heading().get(i);
            Optional<Column> column = kind.columns().stream().filter(one -> one.isCalled(text)).findFirst();
            if (column.isPresent() && !seen.add(column.get().key())) {
                return Reading.fault("opening.file-twice", text);
            }
            if (column.isPresent()) {
                columns.put(i, column.get());
            } else if (!text.isBlank()) {
                unread.add(text);
            }
        }
        String missing = kind.columns().stream().filter(column -> column.needed() && !seen.contains(column.key())).map(Column::heading)
                .collect(Collectors.joining(", "));
        return missing.isEmpty()
                ? Reading.of(
                        new ListFile(kind, table.lines().stream().map(line -> row(line, columns, table.heading().size())).toList(), unread))
                : Reading.fault("opening.file-misses", missing);
    }

    /** Cells beyond the heading are kept, so that they are told and not lost. */
    private static Row row(CsvTable.Line line, Map<Integer, Column> columns, int width) {
        Map<String, String> cells = new LinkedHashMap<>();
        for (int i = 0; i < line.cells().size(); i++) {
            String text = line.cells().get(i);
            if (i >= width && !text.isBlank()) {
                cells.merge(Row.REST, text, (before, more) -> before + " " + more);
            } else if (columns.containsKey(i) && !text.isBlank()) {
                cells.put(columns.get(i).key(), text);
            }
        }
        return new Row(line.number(), cells);
    }
}
