package retazo.app.counter;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import retazo.core.measure.Length;
import retazo.core.measure.LengthText;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.TypedLength;

/**
 * What was typed in the field of the counter: words, and a length behind them where it ends in one, as in {@code heron 1 3/8}.
 *
 * @param all   as it was typed
 * @param words without the length
 */
record CounterAsk(String all, String words, Optional<Cut> cut) {

    static final Length LONGEST_CUT = Length.ofYards(100, 1);

    /**
     * A length that is asked for.
     *
     * @param typed   as it was typed
     * @param perhaps the fraction that a typed decimal may have meant
     */
    record Cut(String typed, Length length, Optional<Length> perhaps) {
    }

    /** Reads it; the longest end that is a length is the length. */
    static CounterAsk of(String typed, LengthUnit unit) {
        List<String> parts = Arrays.stream(typed.strip().split("\\s+")).filter(part -> !part.isEmpty()).toList();
        return IntStream.range(1, parts.size()).boxed()
                .flatMap(from -> cut(joined(parts.subList(from, parts.size())), unit).stream()
                        .map(cut -> new CounterAsk(typed.strip(), joined(parts.subList(0, from)), Optional.of(cut))))
                .findFirst().orElseGet(() -> withoutLength(typed));
    }

    static CounterAsk withoutLength(String typed) {
        return new CounterAsk(typed.strip(), typed.strip(), Optional.empty());
    }

    private static Optional<Cut> cut(String typed, LengthUnit unit) {
        return LengthText.read(typed, unit).understood()
                .filter(read -> read.length().isPositive() && !read.length().isLongerThan(LONGEST_CUT))
                .map((TypedLength read) -> new Cut(typed, read.length(), read.perhaps()));
    }

    private static String joined(List<String> parts) {
        return parts.stream().collect(Collectors.joining(" "));
    }

    boolean isNothing() {
        return all.isEmpty();
    }
}
