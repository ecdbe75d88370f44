package retazo.app.colours;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;

/**
 * What is tried, as an address or a form says it.
 *
 * @param pattern its id
 * @param size    the key of a size; empty for the one in the middle
 * @param fabrics the ids of fabrics by the keys of their roles
 * @param backing whether the kit has its back too
 */
record Tried(long pattern, String size, Map<String, Long> fabrics, boolean backing) {

    static final String ROLE = "role.";

    Tried {
        fabrics = Map.copyOf(fabrics);
    }

    static Tried of(Map<String, String> asked) {
        Map<String, Long> fabrics = new LinkedHashMap<>();
        asked.forEach((name, value) -> {
            if (name.startsWith(ROLE) && isId(value)) {
                fabrics.put(name.substring(ROLE.length()), Long.valueOf(value));
            }
        });
        String pattern = Objects.requireNonNullElse(asked.get("pattern"), "");
        return new Tried(
                isId(pattern) ? Long.parseLong(pattern) : 0, Objects.requireNonNullElse(asked.get("size"), ""), fabrics,
                asked.containsKey("backing"));
    }

    private static boolean isId(String text) {
        return text.matches("\\d{1,15}");
    }
}
