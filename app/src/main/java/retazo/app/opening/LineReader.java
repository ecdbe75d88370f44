package retazo.app.opening;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import retazo.app.shared.FieldReader;
import retazo.core.measure.Problem;

/** Gathers what is wrong in the lines of a list. */
final class LineReader {

    private final List<LineFault> faults = new ArrayList<>();
    private final Map<String, Integer> firstLine = new HashMap<>();

    /** A reader of one line; what it finds is taken with {@link #end}. */
    FieldReader begin(Row row) {
        FieldReader reader = new FieldReader();
        if (!row.at(Row.REST).isBlank()) {
            reader.add(Problem.at(Row.REST, "opening.beyond", row.at(Row.REST)));
        }
        return reader;
    }

    /** What must stand in one line only. */
    void once(FieldReader reader, Row row, String key, String text) {
        Integer before = text.isBlank() ? null : firstLine.putIfAbsent(key + " " + text.strip().toLowerCase(Locale.ROOT), row.line());
        if (before != null) {
            reader.add(Problem.at(key, "opening.twice", text.strip(), before));
        }
    }

    /** Whether all was right in the line. */
    boolean end(Row row, FieldReader reader) {
        reader.problems().forEach(problem -> faults.add(new LineFault(row.line(), problem)));
        return !reader.anyProblem();
    }

    List<LineFault> faults() {
        return faults;
    }
}
