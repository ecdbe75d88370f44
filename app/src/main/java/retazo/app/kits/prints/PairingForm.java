package retazo.app.kits.prints;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.util.MultiValueMap;
import retazo.app.shared.FieldReader;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.PrintRule;
import retazo.core.measure.Problem;
import retazo.core.prints.PrintValue;

/**
 * Which prints of a precut go together, as typed.
 *
 * @param good  the id of the precut
 * @param units how many there are in one quilt
 * @param parts what each takes of one print; rows without letters are none
 */
record PairingForm(String good, String units, boolean different, List<Row> parts) {

    static final int MOST_UNITS = 500;
    static final int MOST_IDENTICAL = 20;
    private static final int MOST_PARTS = 8;
    private static final int MOST_LETTERS = 40;
    private static final int SPARE_ROWS = 2;

    /** A part of a unit. */
    record Row(String letters, String value, String sheets) {

        static final Row EMPTY = new Row("", "", "1");

        boolean isEmpty() {
            return letters.isBlank();
        }
    }

    static PairingForm typed(MultiValueMap<String, String> sent) {
        List<String> letters = all(sent, "letters");
        List<String> values = all(sent, "value");
        List<String> sheets = all(sent, "sheets");
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < Math.min(MOST_PARTS, letters.size()); i++) {
            rows.add(new Row(letters.get(i), i < values.size() ? values.get(i) : "", i < sheets.size() ? sheets.get(i) : ""));
        }
        return new PairingForm(
                Objects.requireNonNullElse(sent.getFirst("good"), ""), Objects.requireNonNullElse(sent.getFirst("units"), ""),
                sent.containsKey("different"), rows);
    }

    private static List<String> all(MultiValueMap<String, String> sent, String field) {
        return Objects.requireNonNullElse(sent.get(field), List.of());
    }

    /** As it is kept, or as it is offered first: all roles from one sheet of one print in every unit. */
    static PairingForm of(KitPairings.Bundle bundle) {
        return new PairingForm(
                Long.toString(bundle.good().id()), Integer.toString(bundle.rule().map(PrintRule::units).orElse(bundle.suggested())),
                bundle.rule().map(PrintRule::different).orElse(false),
                bundle.rule().map(rule -> rule.parts().stream().map(part -> row(part, bundle.roles())).toList())
                        .orElseGet(() -> List.of(new Row(letters(bundle.roles()), "", "1"))));
    }

    private static Row row(PrintRule.Part part, List<Role> roles) {
        return new Row(
                letters(roles.stream().filter(role -> part.roles().contains(role.key())).toList()),
                part.value().map(PrintValue::name).orElse(""), Integer.toString(part.sheets()));
    }

    private static String letters(List<Role> roles) {
        return roles.stream().map(Role::letter).collect(Collectors.joining(", "));
    }

    /** The rows with empty ones below them to go on in. */
    PairingForm withSpareRows() {
        List<Row> rows = new ArrayList<>(parts);
        while (rows.size() < MOST_PARTS && rows.stream().filter(Row::isEmpty).count() < SPARE_ROWS) {
            rows.add(Row.EMPTY);
        }
        return new PairingForm(good, units, different, rows);
    }

    /** The rule, or problems at its fields. */
    Optional<PrintRule> read(List<Role> roles, FieldReader reader) {
        int readUnits = reader.number("units", units, 1, MOST_UNITS);
        List<PrintRule.Part> read = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            if (!parts.get(i).isEmpty()) {
                Row row = parts.get(i);
                int sheets = reader.number("sheets." + i, row.sheets(), 1, MOST_IDENTICAL);
                List<RoleKey> of = roles("letters." + i, row.letters(), roles, reader);
                if (!of.isEmpty() && sheets > 0) {
                    read.add(new PrintRule.Part(of, value(row.value()), sheets));
                }
            }
        }
        if (read.isEmpty() && !reader.anyProblem()) {
            reader.add(Problem.at("letters.0", "pairing.no-part"));
        }
        return reader.anyProblem() ? Optional.empty() : Optional.of(new PrintRule(readUnits, read, different));
    }

    private static List<RoleKey> roles(String field, String typed, List<Role> roles, FieldReader reader) {
        Set<String> wanted = new HashSet<>();
        String shown = typed.length() > MOST_LETTERS ? typed.substring(0, MOST_LETTERS) : typed;
        for (String letter : shown.strip().toUpperCase(Locale.ROOT).split("[\\s,+]+")) {
            wanted.add(letter);
        }
        List<RoleKey> found = roles.stream().filter(role -> wanted.remove(role.letter())).map(Role::key).toList();
        if (!wanted.isEmpty() || found.isEmpty()) {
            reader.add(Problem.at(field, "pairing.letters", letters(roles)));
            return List.of();
        }
        return found;
    }

    private static Optional<PrintValue> value(String typed) {
        return Stream.of(PrintValue.values()).filter(value -> value.name().equals(typed)).findFirst();
    }
}
