package retazo.app.kits.prints;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import retazo.core.precut.PrintMatching;

/**
 * Which prints the units of a kit take.
 *
 * @param units how many units there are
 * @param unit  what each takes
 */
public record PairingRule(int units, PrintMatching.Unit unit) {

    static final int MOST_UNITS = 500;
    static final int MOST_IDENTICAL = 20;
    private static final int MOST_PLACES = 8;
    private static final String ANY = "any";

    /** From places as people type them: {@code light, dark}, {@code any any any}; empty for what cannot be read. */
    public static Optional<PrintMatching.Unit> unit(String places, int identical) {
        List<Optional<PrintMatching.Value>> read = new ArrayList<>();
        for (String word : places.strip().toLowerCase(Locale.ROOT).split("[\\s,]+")) {
            Optional<PrintMatching.Value> value = Stream.of(PrintMatching.Value.values())
                    .filter(one -> one.name().toLowerCase(Locale.ROOT).equals(word)).findFirst();
            if (value.isEmpty() && !word.equals(ANY)) {
                return Optional.empty();
            }
            read.add(value);
        }
        return read.size() > MOST_PLACES ? Optional.empty() : Optional.of(new PrintMatching.Unit(read, identical));
    }

    /** As it is typed. */
    public String placesText() {
        return unit.places().stream().map(place -> place.map(value -> value.name().toLowerCase(Locale.ROOT)).orElse(ANY))
                .collect(Collectors.joining(", "));
    }

    /** How many pieces all units take together. */
    public int pieces() {
        return units * unit.places().size() * unit.identical();
    }
}
