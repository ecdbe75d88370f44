package retazo.app.patterns.reading;

import java.util.List;
import java.util.stream.Collectors;

/**
 * A table found on a page.
 *
 * @param page of the PDF, from 1
 * @param rows of equally many cells
 */
public record FoundTable(int page, List<List<String>> rows) {

    public FoundTable {
        rows = rows.stream().map(List::copyOf).toList();
    }

    /** As it would be pasted: cells by tabs, rows by line ends. */
    public String pasted() {
        return rows.stream().map(row -> row.stream().map(cell -> cell.replaceAll("\\s+", " ")).collect(Collectors.joining("\t")))
                .collect(Collectors.joining("\n"));
    }
}
