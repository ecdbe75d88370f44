package retazo.app.patterns;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import retazo.app.shared.FieldReader;
import retazo.core.block.Block;
import retazo.core.block.Cell;
import retazo.core.block.CellGrid;
import retazo.core.block.Role;
import retazo.core.block.RoleKey;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;
import retazo.core.quilt.BorderCorners;
import retazo.core.quilt.BorderDesign;
import retazo.core.quilt.DesignCheck;
import retazo.core.quilt.QuiltDesign;
import retazo.core.quilt.QuiltSize;
import retazo.core.quilt.Setting;
import retazo.core.quilt.SizeKey;

/**
 * What a typed pattern comes to: the design if nothing is wrong, all that is wrong, and as much of the block as can be
 * drawn already.
 *
 * @param columnWidths empty while they cannot be read
 * @param rowHeights   empty while they cannot be read
 * @param cells        those that could be read
 */
record PatternDraft(
        String name,
        List<Role> roles,
        List<Length> columnWidths,
        List<Length> rowHeights,
        List<Cell> cells,
        Optional<QuiltDesign> design,
        List<Problem> problems) {

    private static final Pattern TIMES = Pattern.compile("\\s*(\\d{1,2})\\s*[x×*]\\s*(.+)");

    static PatternDraft of(PatternForm form) {
        FieldReader reader = new FieldReader();
        String name = reader.text("name", form.name(), 80);
        List<Role> roles = roles(form, reader);
        Map<String, RoleKey> byLetter = new LinkedHashMap<>();
        roles.forEach(role -> byLetter.put(role.letter(), role.key()));
        List<Length> columns = lines("columns", form.columns(), reader);
        List<Length> rows = lines("rows", form.rows(), reader);
        CellGrid.Reading reading = columns.isEmpty() || rows.isEmpty()
                ? new CellGrid.Reading(List.of(), List.of())
                : CellGrid.read(form.padded(columns.size(), rows.size()).grid(), byLetter);
        reader.addAll(reading.problems());
        Optional<QuiltDesign> design = design(form, reader, roles, byLetter, columns, rows, reading);
        return new PatternDraft(name, roles, columns, rows, reading.cells(), design, reader.problems());
    }

    private static Optional<QuiltDesign> design(
            PatternForm form, FieldReader reader, List<Role> roles, Map<String, RoleKey> byLetter,
            List<Length> columns, List<Length> rows, CellGrid.Reading reading) {
        Optional<RoleKey> border = role("border", form.border(), byLetter, false, reader);
        Optional<RoleKey> binding = role("binding", form.binding(), byLetter, true, reader);
        Optional<RoleKey> backing = role("backing", form.backing(), byLetter, true, reader);
        List<QuiltSize> sizes = sizes(form, reader);
        boolean readable = !columns.isEmpty() && !rows.isEmpty() && reading.problems().isEmpty();
        List<Problem> blockProblems = readable ? Block.problems(columns, rows, reading.cells()) : List.of();
        reader.addAll(blockProblems);
        if (!readable || !blockProblems.isEmpty()) {
            return Optional.empty();
        }
        Block block = new Block(columns, rows, reading.cells());
        List<BorderDesign> borders = border.map(role -> new BorderDesign(role, BorderCorners.BUTTED)).stream().toList();
        List<RoleKey> finishing = java.util.stream.Stream.of(binding, backing).flatMap(Optional::stream).toList();
        reader.addAll(placed(DesignCheck.problems(roles, block, borders, finishing, sizes), form));
        return reader.anyProblem()
                ? Optional.empty()
                : Optional.of(new QuiltDesign(
                        roles, block, new Setting.Straight(), borders, binding.orElseThrow(), backing.orElseThrow(), sizes));
    }

    /** The core counts roles and sizes without the empty rows of the form; here they get back the row they stand in. */
    private static List<Problem> placed(List<Problem> problems, PatternForm form) {
        List<Integer> roleRows = filled(form.roles() == null ? List.of() : form.roles().stream().map(PatternForm.RoleRow::isBlank).toList());
        List<Integer> sizeRows = filled(form.sizes() == null ? List.of() : form.sizes().stream().map(PatternForm.SizeRow::isBlank).toList());
        return problems.stream().map(problem -> {
            String[] parts = problem.place().split("\\.");
            if (parts.length < 3) {
                return problem;
            }
            List<Integer> rows = parts[0].equals("roles") ? roleRows : sizeRows;
            return problem.movedTo(parts[0] + "." + rows.get(Integer.parseInt(parts[1])) + "." + parts[2]);
        }).toList();
    }

    private static List<Integer> filled(List<Boolean> blank) {
        return IntStream.range(0, blank.size()).filter(row -> !blank.get(row)).boxed().toList();
    }

    private static List<Role> roles(PatternForm form, FieldReader reader) {
        List<PatternForm.RoleRow> rows = form.roles() == null ? List.of() : form.roles();
        List<Role> roles = new ArrayList<>();
        for (int i = 0; i < Math.min(rows.size(), QuiltDesign.MOST_ROLES); i++) {
            if (!rows.get(i).isBlank()) {
                String name = reader.text("roles." + i + ".name", rows.get(i).name(), 40);
                roles.add(new Role(
                        new RoleKey(key(rows.get(i).key(), "r", rows.stream().map(PatternForm.RoleRow::key).toList(), i)),
                        PatternForm.letter(i),
                        name));
            }
        }
        return roles;
    }

    /** The key a row came with, or a new one that no other row has; later new rows get later ones. */
    private static String key(@Nullable String given, String stem, List<@Nullable String> taken, int index) {
        String key = PatternForm.text(given);
        if (key.matches("[A-Za-z0-9-]{1,20}")) {
            return key;
        }
        int number = index + 1;
        while (taken.contains(stem + number)) {
            number += QuiltDesign.MOST_SIZES;
        }
        return stem + number;
    }

    private static List<QuiltSize> sizes(PatternForm form, FieldReader reader) {
        List<PatternForm.SizeRow> rows = form.sizes() == null ? List.of() : form.sizes();
        List<QuiltSize> sizes = new ArrayList<>();
        for (int i = 0; i < Math.min(rows.size(), QuiltDesign.MOST_SIZES); i++) {
            PatternForm.SizeRow row = rows.get(i);
            if (!row.isBlank()) {
                String place = "sizes." + i + ".";
                int most = QuiltDesign.MOST_BLOCKS_ACROSS;
                String border = PatternForm.text(row.border());
                List<Length> widths = border.isEmpty() || border.equals("0")
                        ? List.of()
                        : List.of(reader.lengthAboveZero(place + "border", border, LengthUnit.INCH, DesignCheck.WIDEST_BORDER));
                sizes.add(new QuiltSize.Grid(
                        new SizeKey(key(row.key(), "s", rows.stream().map(PatternForm.SizeRow::key).toList(), i)),
                        reader.text(place + "name", row.name(), 30),
                        reader.number(place + "columns", row.columns(), 1, most),
                        reader.number(place + "rows", row.rows(), 1, most),
                        widths.stream().filter(Length::isPositive).toList()));
            }
        }
        return sizes;
    }

    private static Optional<RoleKey> role(
            String field, @Nullable String letter, Map<String, RoleKey> byLetter, boolean needed, FieldReader reader) {
        String text = PatternForm.text(letter).toUpperCase(Locale.ROOT);
        if (text.isEmpty() && !needed) {
            return Optional.empty();
        }
        if (!byLetter.containsKey(text)) {
            reader.add(Problem.at(field, text.isEmpty() ? "choice.missing" : "cell.unknown-role", text));
        }
        return Optional.ofNullable(byLetter.get(text));
    }

    /** Reads {@code 3, 3, 6} or {@code 4 x 3}; empty with a problem at the field when it cannot. */
    private static List<Length> lines(String field, @Nullable String typed, FieldReader reader) {
        String text = PatternForm.text(typed);
        int before = reader.problems().size();
        List<Length> lines = new ArrayList<>();
        for (String part : text.split("[,;\\n]")) {
            Matcher times = TIMES.matcher(part);
            int count = times.matches() ? Integer.parseInt(times.group(1)) : 1;
            Length line = reader.lengthAboveZero(field, times.matches() ? times.group(2) : part, LengthUnit.INCH, Block.LARGEST_LINE);
            for (int i = 0; i < count && lines.size() <= Block.MOST_LINES; i++) {
                lines.add(line);
            }
        }
        if (reader.problems().size() == before && (lines.isEmpty() || lines.size() > Block.MOST_LINES)) {
            reader.add(Problem.at(field, "block.lines", lines.size(), Block.MOST_LINES));
        }
        return reader.problems().size() > before ? List.of() : lines;
    }
}
