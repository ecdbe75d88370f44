package retazo.app.opening;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import retazo.app.shared.FieldReader;
import retazo.core.cloth.Colour;
import retazo.core.colour.ColourWord;
import retazo.core.measure.Problem;

/** Reads cells in which one of a few words stands, as shops write them. */
final class CellWords {

    private static final Set<String> YES = Set.of("yes", "y", "x", "true", "1", "measured");
    private static final Set<String> NO = Set.of("", "no", "n", "false", "0", "estimate", "estimated");

    private CellWords() {
    }

    /** Constants by the words that stand for them, the first of each being how they are written. */
    static <E> Map<String, E> words(E[] all, Function<E, String> word) {
        Map<String, E> words = new LinkedHashMap<>();
        for (E one : all) {
            words.put(word.apply(one), one);
        }
        return words;
    }

    /** What a word stands for; empty with a problem that names all words. */
    static <E> Optional<E> one(FieldReader reader, String key, String typed, Map<String, E> words) {
        Optional<E> found = words.entrySet().stream().filter(word -> plain(word.getKey()).equals(plain(typed))).map(Map.Entry::getValue)
                .findFirst();
        if (found.isEmpty()) {
            reader.add(Problem.at(key, "opening.word", shortened(typed), String.join(", ", words.keySet())));
        }
        return found;
    }

    static boolean yes(FieldReader reader, String key, String typed) {
        String text = typed.strip().toLowerCase(Locale.ROOT);
        if (!YES.contains(text) && !NO.contains(text)) {
            reader.add(Problem.at(key, "opening.yes-or-no", shortened(typed)));
        }
        return YES.contains(text);
    }

    /** A colour as it is written in drawings, for one that is written so or named; else what was typed, with a problem. */
    static String colour(FieldReader reader, String key, String typed) {
        String text = typed.strip().toLowerCase(Locale.ROOT);
        if (Colour.isWritten(text)) {
            return text;
        }
        Optional<String> named = ColourWord.typical(text).map(Colour::toString);
        if (named.isEmpty()) {
            reader.add(Problem.at(key, "opening.colour", shortened(typed), String.join(", ", ColourWord.names())));
        }
        return named.orElse(text);
    }

    private static String plain(String word) {
        return word.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]", "");
    }

    private static String shortened(String text) {
        return text.length() <= 30 ? text : text.substring(0, 30) + "…";
    }
}
