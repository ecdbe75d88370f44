package retazo.app.patterns.rows;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A text pasted from a spreadsheet, a web page or a letter, as rows of cells. */
public final class PastedText {

    /** No more rows and columns are taken. */
    static final int MOST_ROWS = 400;
    static final int MOST_COLUMNS = 40;

    private PastedText() {
    }

    /**
     * Split at tabs where there are any, else at bars, else at two blanks or more; where that parts no line, at semicolons or commas that
     * part all lines into as many cells. Empty lines are left out. A leading tab is an empty first cell.
     */
    public static List<List<String>> rows(@Nullable String pasted) {
        String text = pasted == null ? "" : pasted;
        List<List<String>> rows = rows(text, text.contains("\t") ? "\t" : text.contains("|") ? "\\s*\\|\\s*" : "\\s{2,}");
        return rows.stream().anyMatch(row -> row.size() > 1)
                ? rows
                : Stream.of(";", ",").map(mark -> rows(text, mark)).filter(PastedText::isGrid).findFirst().orElse(rows);
    }

    private static boolean isGrid(List<List<String>> rows) {
        return rows.stream().mapToInt(List::size).distinct().count() == 1 && rows.get(0).size() > 1;
    }

    private static List<List<String>> rows(String text, String split) {
        List<List<String>> rows = new ArrayList<>();
        for (String line : text.split("\\R")) {
            if (!line.isBlank()) {
                String trimmed = split.equals("\t") ? line : line.strip().replaceAll("^\\||\\|$", "").strip();
                rows.add(Arrays.stream(trimmed.split(split, -1)).map(PastedText::clean).toList());
            }
        }
        return rows;
    }

    /** Without the quotation marks that spreadsheets put around a cell, doubled ones halved. */
    private static String clean(String cell) {
        String text = cell.strip();
        boolean quoted = text.length() > 1 && text.startsWith("\"") && text.endsWith("\"") && text.indexOf('"', 1) == text.length() - 1;
        return quoted ? text.substring(1, text.length() - 1).strip() : text;
    }

    public static boolean isTooLarge(List<List<String>> rows) {
        return rows.size() > MOST_ROWS || rows.stream().anyMatch(row -> row.size() > MOST_COLUMNS);
    }
}
