package retazo.app.patterns.reading;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;

/**
 * Finds tables among the words of a page: neighbouring lines with a gap in them. Words stand in one cell unless a gap of more than one
 * and a half blanks parts them; the line with most cells says where the columns are, and the cells of the others go to the column that
 * they overlap most, or stand nearest to. A line of one cell ends a table.
 */
final class TablesOfPage {

    /** Words of one line are this much of a letter's height apart at most. */
    private static final double SAME_LINE = 0.5;
    private static final double GAP_IN_BLANKS = 1.5;
    private static final int LEAST_ROWS = 2;
    /**
     * Lines of a table lie no farther apart than this much of the distance before, or of a letter's height where they are the first two.
     */
    private static final double WIDER = 2.2;
    private static final double FIRST_GAP = 10;

    /** What stands on one line. */
    private record Line(double feet, double height, List<Cell> cells) {
    }

    /** Words that stand together. */
    private record Cell(String text, double left, double right) {
        double middle() {
            return (left + right) / 2;
        }

        double overlap(Cell other) {
            return Math.min(right, other.right) - Math.max(left, other.left);
        }
    }

    private TablesOfPage() {
    }

    static List<FoundTable> of(int page, List<PdfWord> words) {
        List<FoundTable> tables = new ArrayList<>();
        List<Line> together = new ArrayList<>();
        for (Line line : lines(words)) {
            if (line.cells().size() < 2 || isFarBelow(together, line)) {
                addTo(tables, page, together);
                together = new ArrayList<>();
            }
            if (line.cells().size() > 1) {
                together.add(line);
            }
        }
        addTo(tables, page, together);
        return tables;
    }

    private static boolean isFarBelow(List<Line> table, Line line) {
        if (table.isEmpty()) {
            return false;
        }
        Line last = table.get(table.size() - 1);
        double gap = line.feet() - last.feet();
        return table.size() == 1
                ? gap > FIRST_GAP * last.height()
                : gap > WIDER * (last.feet() - table.get(table.size() - 2).feet());
    }

    private static void addTo(List<FoundTable> tables, int page, List<Line> lines) {
        if (lines.size() >= LEAST_ROWS) {
            List<Cell> columns = lines.stream().map(Line::cells).max(Comparator.comparing(List::size)).orElseThrow();
            tables.add(new FoundTable(page, lines.stream().map(line -> row(line.cells(), columns)).toList()));
        }
    }

    private static List<String> row(List<Cell> line, List<Cell> columns) {
        List<String> row = new ArrayList<>(Collections.nCopies(columns.size(), ""));
        for (Cell cell : line) {
            int column = column(cell, columns);
            row.set(column, (row.get(column) + " " + cell.text()).strip());
        }
        return row;
    }

    private static int column(Cell cell, List<Cell> columns) {
        int best = 0;
        for (int i = 1; i < columns.size(); i++) {
            double more = cell.overlap(columns.get(i)) - cell.overlap(columns.get(best));
            boolean nearer = Math.abs(cell.middle() - columns.get(i).middle()) < Math.abs(cell.middle() - columns.get(best).middle());
            boolean overlaps = cell.overlap(columns.get(i)) > 0 || cell.overlap(columns.get(best)) > 0;
            best = overlaps ? more > 0 ? i : best : nearer ? i : best;
        }
        return best;
    }

    private static List<Line> lines(List<PdfWord> words) {
        List<PdfWord> down = new ArrayList<>(words.stream().filter(word -> !word.text().isBlank()).toList());
        down.sort(Comparator.comparing(PdfWord::line));
        List<List<PdfWord>> lines = new ArrayList<>();
        for (PdfWord word : down) {
            List<PdfWord> last = lines.isEmpty() ? List.of() : lines.get(lines.size() - 1);
            if (!last.isEmpty() && word.line() - last.get(0).line() <= SAME_LINE * Math.max(word.height(), last.get(0).height())) {
                last.add(word);
            } else {
                lines.add(new ArrayList<>(List.of(word)));
            }
        }
        return lines.stream().map(line -> new Line(line.get(0).line(), line.get(0).height(), cells(line))).toList();
    }

    private static List<Cell> cells(List<PdfWord> line) {
        List<PdfWord> across = new ArrayList<>(line);
        across.sort(Comparator.comparing(PdfWord::left));
        List<Cell> cells = new ArrayList<>();
        for (PdfWord word : across) {
            Cell last = cells.isEmpty() ? null : cells.get(cells.size() - 1);
            if (last != null && word.left() - last.right() <= GAP_IN_BLANKS * word.blank()) {
                cells.set(cells.size() - 1, new Cell(last.text() + " " + word.text(), last.left(), Math.max(last.right(), word.right())));
            } else {
                cells.add(new Cell(word.text(), word.left(), word.right()));
            }
        }
        return cells;
    }
}
