package retazo.app.shared;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import retazo.core.measure.Length;
import retazo.core.measure.LengthParts;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;

/** What the typed forms of a pattern have in common. */
public final class Typed {

    private Typed() {
    }

    public static String text(@Nullable String typed) {
        return typed == null ? "" : typed.strip();
    }

    public static <T> List<T> list(@Nullable List<T> typed) {
        return typed == null ? List.of() : typed;
    }

    /** The letter of a row, from 0. */
    public static String letter(int index) {
        return String.valueOf((char) ('A' + index));
    }

    public static String inches(Length length) {
        return LengthParts.typed(length, LengthUnit.INCH);
    }

    /** The key a row came with, or a new one that none has yet; it is taken then. */
    public static String key(@Nullable String given, String stem, Set<String> taken) {
        String key = text(given);
        if (key.matches("[A-Za-z0-9-]{1,20}")) {
            return key;
        }
        int number = 1;
        while (!taken.add(stem + number)) {
            number++;
        }
        return stem + number;
    }

    /** The rows as typed, with empty ones to spare at the end. */
    public static <T> List<T> withSpare(@Nullable List<T> typed, T blank, int least, int most) {
        return withSpare(typed, blank, 1, least, most);
    }

    /**
     * The same with more rows to spare.
     *
     * @param spare how many empty ones follow the last that is filled
     */
    public static <T> List<T> withSpare(@Nullable List<T> typed, T blank, int spare, int least, int most) {
        List<T> padded = new ArrayList<>(list(typed));
        while (!padded.isEmpty() && padded.get(padded.size() - 1).equals(blank)) {
            padded.remove(padded.size() - 1);
        }
        int wanted = Math.min(most, Math.max(least, padded.size() + spare));
        while (padded.size() < wanted) {
            padded.add(blank);
        }
        return padded;
    }

    /** The core counts rows without the empty ones of a form; here a problem gets back the row it stands in. */
    public static Problem placed(Problem problem, String list, List<Boolean> blank) {
        String[] parts = problem.place().split("\\.", 3);
        if (parts.length < 2 || !parts[0].equals(list) || !parts[1].matches("\\d+")) {
            return problem;
        }
        List<Integer> filled = IntStream.range(0, blank.size()).filter(row -> !blank.get(row)).boxed().toList();
        int row = filled.get(Integer.parseInt(parts[1]));
        return problem.movedTo(list + "." + row + (parts.length > 2 ? "." + parts[2] : ""));
    }
}
