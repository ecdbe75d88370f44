package retazo.app.opening;

import java.util.LinkedHashMap;
import java.util.Map;

/**
 * A line of a list.
 *
 * @param line  where it stands in its file or on its page, from 1
 * @param cells what stands in it, by the keys of the columns; an empty cell may be absent
 */
record Row(int line, Map<String, String> cells) {

    /** Under this stands what a line has beyond the columns of its heading. */
    static final String REST = "line";

    String at(String key) {
        return cells.getOrDefault(key, "");
    }

    /** The same with other cells over its own. */
    Row with(Map<String, String> others) {
        Map<String, String> all = new LinkedHashMap<>(cells);
        all.putAll(others);
        return new Row(line, all);
    }

    boolean isBlank() {
        return cells.values().stream().allMatch(String::isBlank);
    }
}
