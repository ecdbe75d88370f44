package retazo.app.opening;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import retazo.app.shared.Parts;
import retazo.app.shared.Words;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.ObjectMapper;

/** Keeps the lines of lists and what is wrong in them. */
@Component
class Rows {

    private static final int AT_ONCE = 1_000;
    private static final int LONGEST = 400;
    private static final TypeReference<Map<String, String>> CELLS = new TypeReference<>() {
    };

    private final RowRepository rows;
    private final ObjectMapper json;
    private final Words words;

    Rows(RowRepository rows, ObjectMapper json, Words words) {
        this.rows = rows;
        this.json = json;
        this.words = words;
    }

    void write(long list, List<Row> all) {
        Parts.of(all, part -> rows.write(list, json.writeValueAsString(part)));
    }

    void drop(long list, Collection<Integer> lines) {
        if (!lines.isEmpty()) {
            rows.drop(list, lines);
        }
    }

    /** All lines that are not blank. */
    List<Row> all(long list) {
        List<Row> all = new ArrayList<>();
        List<Row> part = after(list, 0, AT_ONCE);
        while (!part.isEmpty()) {
            all.addAll(part);
            part = after(list, part.get(part.size() - 1).line(), AT_ONCE);
        }
        all.removeIf(Row::isBlank);
        return all;
    }

    List<Row> after(long list, int line, int most) {
        return rows.after(list, line, Limit.of(most)).stream().map(this::row).toList();
    }

    List<Row> wrongAfter(long list, int line, int most) {
        return rows.wrongAfter(list, line, Limit.of(most)).stream().map(this::row).toList();
    }

    private Row row(RowRepository.Kept kept) {
        return new Row(kept.getLine(), json.readValue(kept.getCells(), CELLS));
    }

    int count(long list) {
        return rows.count(list);
    }

    int last(long list) {
        return rows.last(list);
    }

    int wrongLines(long list) {
        return rows.wrongLines(list);
    }

    /** Keeps what is wrong, in words, instead of what was found before. */
    void judge(long list, List<LineFault> faults) {
        rows.clearFaults(list);
        Parts.of(faults, part -> rows.writeFaults(list, json.writeValueAsString(part.stream().map(this::kept).toList())));
    }

    private Map<String, Object> kept(LineFault fault) {
        String sentence = words.of(fault.problem());
        return Map.of(
                "line", fault.line(), "place", fault.problem().place(), "sentence",
                sentence.length() <= LONGEST ? sentence : sentence.substring(0, LONGEST - 1) + "…");
    }

    /** What is wrong in these lines, by line and column; of two faults at one cell the first. */
    Map<Integer, Map<String, String>> faults(long list, Collection<Integer> lines) {
        Map<Integer, Map<String, String>> found = new TreeMap<>();
        if (!lines.isEmpty()) {
            rows.faults(list, lines).forEach(fault -> found.computeIfAbsent(fault.getLine(), line -> new HashMap<>())
                    .putIfAbsent(fault.getPlace(), fault.getSentence()));
        }
        return found;
    }

    void clear(long list) {
        rows.clearFaults(list);
        rows.clear(list);
    }
}
