package retazo.app.opening;

import java.util.List;
import java.util.Locale;

/**
 * A column of a list.
 *
 * @param key      of its cells, and the place of its faults
 * @param headings by which it is known; the first stands in files that Retazo writes
 * @param needed   whether a file without it cannot be read
 * @param example  of a cell
 */
record Column(String key, List<String> headings, boolean needed, String example) {

    static Column needed(String key, String example, String... headings) {
        return new Column(key, List.of(headings), true, example);
    }

    static Column optional(String key, String example, String... headings) {
        return new Column(key, List.of(headings), false, example);
    }

    public String heading() {
        return headings.get(0);
    }

    boolean isCalled(String text) {
        return headings.stream().anyMatch(heading -> plain(heading).equals(plain(text)));
    }

    /** Capitals, blanks and signs make no difference. */
    private static String plain(String text) {
        return text.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]", "");
    }
}
