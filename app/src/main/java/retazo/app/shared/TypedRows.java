package retazo.app.shared;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.util.MultiValueMap;

/** Forms with as many rows as they need: their fields are called {@code line4.lot}. */
public final class TypedRows {

    private static final Pattern FIELD = Pattern.compile("line(\\d{1,7})\\.([A-Za-z.]{1,30})");

    private TypedRows() {
    }

    /** What is typed in a field of a row; empty where there is no such field. */
    public static String text(Map<String, String> row, String field) {
        return row.getOrDefault(field, "");
    }

    /** What is typed in each row, stripped, by the names of its fields; rows by their numbers. */
    public static SortedMap<Integer, Map<String, String>> of(MultiValueMap<String, String> form) {
        SortedMap<Integer, Map<String, String>> rows = new TreeMap<>();
        form.forEach((name, texts) -> {
            Matcher field = FIELD.matcher(name);
            if (field.matches()) {
                rows.computeIfAbsent(Integer.parseInt(field.group(1)), row -> new LinkedHashMap<>())
                        .put(field.group(2), texts.get(0) == null ? "" : texts.get(0).strip());
            }
        });
        return rows;
    }
}
