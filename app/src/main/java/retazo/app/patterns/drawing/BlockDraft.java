package retazo.app.patterns.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import retazo.app.patterns.rows.FinishedText;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Typed;
import retazo.core.block.Block;
import retazo.core.block.Cell;
import retazo.core.block.CellGrid;
import retazo.core.block.Trim;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;

/**
 * What a typed block comes to.
 *
 * @param columnWidths empty while they cannot be read
 * @param rowHeights   empty while they cannot be read
 * @param cells        those that could be read
 * @param block        if nothing is wrong with it
 */
record BlockDraft(List<Length> columnWidths, List<Length> rowHeights, List<Cell> cells, Optional<Block> block) {

    private static final Pattern TIMES = Pattern.compile("\\s*(\\d{1,2})\\s*[x×*]\\s*(.+)");

    /**
     * Reads a block.
     *
     * @param place of the block in its form, such as {@code blocks.0}
     */
    static BlockDraft of(BlockRow row, String place, CellGrid.Names names, FieldReader reader) {
        List<Length> columns = lines(place + ".columns", row.columns(), reader);
        List<Length> rows = lines(place + ".rows", row.rows(), reader);
        int before = reader.problems().size();
        Optional<Trim> trim = trim(row, place, reader);
        if (columns.isEmpty() || rows.isEmpty()) {
            return new BlockDraft(columns, rows, List.of(), Optional.empty());
        }
        CellGrid.Grid reading = CellGrid.read(row.padded(columns.size(), rows.size()).grid(), names);
        List<Problem> problems = new ArrayList<>(reading.problems());
        Set<String> told = problems.stream().map(Problem::place).collect(Collectors.toSet());
        Block.problems(columns, rows, reading.cells(), trim).stream()
                .filter(problem -> !told.contains(problem.place()))
                .forEach(problems::add);
        problems.forEach(problem -> reader.add(problem.movedTo(place + "." + problem.place())));
        return new BlockDraft(
                columns, rows, reading.cells(),
                reader.problems().size() == before ? Optional.of(new Block(columns, rows, reading.cells(), trim)) : Optional.empty());
    }

    boolean gridRead() {
        return !columnWidths.isEmpty() && !rowHeights.isEmpty();
    }

    private static Optional<Trim> trim(BlockRow row, String place, FieldReader reader) {
        if (Typed.text(row.trim()).isEmpty()) {
            return Optional.empty();
        }
        String degrees = Typed.text(row.degrees());
        boolean anticlockwise = degrees.startsWith("-");
        int turned = degrees.isEmpty()
                ? 0
                : reader.number(place + ".trim", anticlockwise ? degrees.substring(1) : degrees, 0, Trim.MOST_DEGREES);
        return FinishedText.read(place + ".trim", row.trim(), reader).map(size -> new Trim(size, anticlockwise ? -turned : turned));
    }

    /** Reads {@code 3, 3, 6} or {@code 4 x 3}; empty with a problem at the field when it cannot. */
    private static List<Length> lines(String field, @Nullable String typed, FieldReader reader) {
        int before = reader.problems().size();
        List<Length> lines = new ArrayList<>();
        for (String part : Typed.text(typed).split("[,;\\n]", Block.MOST_LINES + 2)) {
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
