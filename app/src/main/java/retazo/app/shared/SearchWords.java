package retazo.app.shared;

import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;

/** What somebody looks for, as the database compares it. */
public final class SearchWords {

    private SearchWords() {
    }

    /** One LIKE pattern on a line for each word in small letters, so that a text with all of them is found in any order. */
    public static String likes(String words) {
        return Arrays.stream(words.strip().toLowerCase(Locale.ROOT).split("[\\s,]+"))
                .filter(word -> !word.isEmpty())
                .map(word -> "%" + word.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_") + "%")
                .collect(Collectors.joining("\n"));
    }
}
