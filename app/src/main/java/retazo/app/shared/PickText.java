package retazo.app.shared;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How something that has a name and a code stands in a field where it is picked: {@code Gull grey (GULL)}. */
public final class PickText {

    private static final Pattern WITH_CODE = Pattern.compile(".*\\(([A-Za-z0-9-]+)\\)\\s*", Pattern.DOTALL);

    private PickText() {
    }

    public static String of(String name, String code) {
        return name + " (" + code + ")";
    }

    /** The code in a text that was picked or typed: what stands in its last parentheses, else all of it, in capitals. */
    public static String code(String text) {
        Matcher matcher = WITH_CODE.matcher(text);
        return (matcher.matches() ? matcher.group(1) : text).strip().toUpperCase(Locale.ROOT);
    }

    /**
     * What texts name, by the text; one that names nothing, or several, is absent.
     *
     * @param find all that have one of these codes, or one of these names in small letters
     */
    public static <T> Map<String, T> named(
            Collection<String> texts, BiFunction<List<String>, List<String>, List<T>> find, Function<T, String> code,
            Function<T, String> name) {
        List<String> typed = texts.stream().filter(text -> !text.isBlank()).distinct().toList();
        Map<String, T> byCode = new HashMap<>();
        Parts.of(typed, part -> find.apply(part.stream().map(PickText::code).toList(), part.stream().map(PickText::name).toList())
                .forEach(one -> byCode.put(code.apply(one), one)));
        Map<String, List<T>> byName = new HashMap<>();
        byCode.values().forEach(one -> byName.computeIfAbsent(name(name.apply(one)), same -> new ArrayList<>()).add(one));
        Map<String, T> named = new HashMap<>();
        for (String text : typed) {
            List<T> sameName = byName.getOrDefault(name(text), List.of());
            T one = byCode.getOrDefault(code(text), sameName.size() == 1 ? sameName.get(0) : null);
            if (one != null) {
                named.put(text, one);
            }
        }
        return named;
    }

    /** What two names have in common that are the same to a person. */
    public static String name(String text) {
        return text.strip().toLowerCase(Locale.ROOT);
    }
}
