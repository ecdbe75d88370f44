package retazo.app.patterns.entry;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import retazo.app.patterns.rows.PastedText;
import retazo.app.patterns.rows.SizeRow;
import retazo.app.patterns.rows.UseText;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Typed;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.PrintedText;
import retazo.core.quilt.size.SizeTable;

/** A size table out of a pasted text: which lines name the sizes, which give finished sizes, and which way round it lies. */
final class PastedTable {

    /** {@code Throw 56 x 70}, {@code Throw (56 x 70)} */
    private static final Pattern NAMED_SIZE = Pattern.compile("(.*?\\p{L}.*?)[\\s,(]+(\\d[^x×]*(?:x|×|by)\\s*\\d[^)]*)\\)?");
    private static final Pattern SIDES = Pattern.compile("(?i).*\\d.*(?:x|×|\\bby\\b).*\\d.*");
    private static final Set<String> CUSTOMARY_SIZES = Set.of(
            "crib", "baby", "cradle", "cot", "lap", "throw", "sofa", "wall", "runner", "table", "topper", "twin", "single", "double",
            "full",
            "queen", "king", "bed", "mini", "cushion", "small", "medium", "large");

    private final TableForm form;
    private final FieldReader reader;

    private PastedTable(TableForm form, FieldReader reader) {
        this.form = form;
        this.reader = reader;
    }

    /**
     * The form with its grid filled. A first line whose cells are no amounts names the sizes, with their finished sizes where those stand
     * behind the names; a line of finished sizes goes under their names. Where something speaks against it nothing is taken, and the reader
     * says why.
     */
    static TableForm filled(TableForm form, FieldReader reader) {
        return new PastedTable(form, reader).filled();
    }

    private TableForm filled() {
        List<List<String>> pasted = cells();
        if (Typed.text(form.lies()).equals("down")) {
            pasted = turned(pasted);
        }
        if (pasted.isEmpty() || pasted.size() > SizeTable.MOST_ROWS + 2
                || pasted.stream().anyMatch(row -> row.size() > QuiltDesign.MOST_SIZES + 1)) {
            return refused(Problem.at("pasted", "table.paste", SizeTable.MOST_ROWS, QuiltDesign.MOST_SIZES));
        }
        if (pasted.stream().allMatch(row -> row.size() == 1)) {
            return refused(Problem.at("pasted", "table.paste-one-column", pasted.get(0).get(0)));
        }
        if (Typed.text(form.lies()).isEmpty() && sizesStandDown(pasted)) {
            return refused(Problem.at("pasted", "table.paste-lies-down", pasted.get(1).get(0)));
        }
        return filled(new ArrayList<>(pasted));
    }

    private TableForm refused(Problem problem) {
        reader.add(problem);
        return form;
    }

    /** Where nothing but single blanks stands between the columns, an amount begins at its number. */
    private List<List<String>> cells() {
        List<List<String>> cells = PastedText.rows(form.pasted());
        if (cells.isEmpty() || cells.stream().anyMatch(row -> row.size() > 1)) {
            return cells;
        }
        List<List<String>> split = new ArrayList<>();
        int columns = cells.stream().mapToInt(row -> AmountWords.split(row.get(0)).size()).max().orElse(1);
        for (List<String> row : cells) {
            List<String> parts = AmountWords.split(row.get(0));
            List<String> words = List.of(row.get(0).split("\\s+"));
            if (parts.size() == 1 && words.size() == columns - 1) {
                List<String> header = new ArrayList<>(List.of(""));
                header.addAll(words);
                split.add(header);
            } else {
                split.add(parts.size() == 1 && words.size() == columns ? words : parts);
            }
        }
        return split.stream().allMatch(row -> row.size() == columns) ? split : cells;
    }

    private static List<List<String>> turned(List<List<String>> rows) {
        int columns = rows.stream().mapToInt(List::size).max().orElse(0);
        return IntStream.range(0, columns)
                .mapToObj(column -> rows.stream().map(row -> column < row.size() ? row.get(column) : "").toList()).toList();
    }

    /** Whether the first cells of the lines are sizes and those of the first line are not. */
    private static boolean sizesStandDown(List<List<String>> rows) {
        return rows.size() > 1 && isHeader(rows.get(0))
                && rows.get(0).stream().skip(1).noneMatch(PastedTable::isSize)
                && rows.stream().skip(1).allMatch(row -> isSize(row.get(0)));
    }

    private static boolean isSize(String cell) {
        String first = cell.toLowerCase(Locale.ROOT).split("[^\\p{L}]", 2)[0];
        return CUSTOMARY_SIZES.contains(first) || NAMED_SIZE.matcher(cell).matches();
    }

    private TableForm filled(List<List<String>> lines) {
        List<SizeRow> sizes = new ArrayList<>(Typed.list(form.sizes()).stream().filter(size -> !size.isBlank()).toList());
        if (isHeader(lines.get(0))) {
            sizes = header(lines.remove(0), sizes);
        }
        List<TableForm.Row> rows = new ArrayList<>(Typed.list(form.rows()).stream().filter(row -> !row.isBlank()).toList());
        for (List<String> line : lines) {
            List<String> cells = line.subList(1, line.size());
            if (isFinished(line)) {
                sizes = finished(cells, sizes);
            } else {
                rows.add(new TableForm.Row("", line.get(0), UseText.write(Use.named(line.get(0))), cells));
            }
        }
        return new TableForm(form.version(), form.name(), sizes, rows, "", "").padded();
    }

    private static boolean isAmount(String cell) {
        return PrintedText.read(cell).match(amounts -> !amounts.isEmpty(), problem -> false);
    }

    private static boolean isHeader(List<String> line) {
        return line.size() > 1 && line.subList(1, line.size()).stream()
                .noneMatch(cell -> isAmount(cell) || SIDES.matcher(cell).matches() && !NAMED_SIZE.matcher(cell).matches());
    }

    private static boolean isFinished(List<String> line) {
        String first = line.get(0).toLowerCase(Locale.ROOT);
        return (first.isEmpty() || first.contains("size") || first.contains("finish"))
                && line.stream().skip(1).anyMatch(cell -> SIDES.matcher(cell).matches());
    }

    private static List<SizeRow> header(List<String> line, List<SizeRow> known) {
        List<SizeRow> sizes = new ArrayList<>();
        for (String cell : line.subList(1, line.size())) {
            Matcher named = NAMED_SIZE.matcher(cell);
            String name = named.matches() ? named.group(1).strip() : cell;
            String finished = named.matches() ? named.group(2).strip() : "";
            sizes.add(known.stream()
                    .filter(size -> Typed.text(size.name()).equalsIgnoreCase(name))
                    .findFirst()
                    .orElse(SizeRow.plain("", name, "", "", "", finished)));
        }
        known.stream().filter(size -> !sizes.contains(size)).forEach(sizes::add);
        return sizes;
    }

    private static List<SizeRow> finished(List<String> cells, List<SizeRow> sizes) {
        List<SizeRow> with = new ArrayList<>(sizes);
        for (int i = 0; i < Math.min(cells.size(), with.size()); i++) {
            SizeRow size = with.get(i);
            with.set(i, new SizeRow(
                    size.key(), size.name(), size.columns(), size.rows(), size.border(), cells.get(i), size.sash(), size.block(),
                    size.changes()));
        }
        return with;
    }
}
