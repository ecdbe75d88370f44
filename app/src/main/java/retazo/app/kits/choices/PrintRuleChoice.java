package retazo.app.kits.choices;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.PrintRule;
import retazo.core.prints.PrintValue;

/**
 * A rule about prints as it is kept.
 *
 * @param parts {@code a+b ANY 1, c DARK 2}: the keys of the roles, how light the print is, how many sheets of it
 */
@Embeddable
public record PrintRuleChoice(
        @Column(nullable = false) int units, @Column(nullable = false) boolean different, @Column(nullable = false) String parts) {

    private static final String ANY = "ANY";

    public static PrintRuleChoice of(PrintRule rule) {
        return new PrintRuleChoice(rule.units(), rule.different(), rule.parts().stream()
                .map(part -> part.roles().stream().map(RoleKey::value).collect(Collectors.joining("+")) + " "
                        + part.value().map(PrintValue::name).orElse(ANY) + " " + part.sheets())
                .collect(Collectors.joining(", ")));
    }

    public PrintRule toRule() {
        return new PrintRule(units, Stream.of(parts.split(", ")).map(PrintRuleChoice::part).toList(), different);
    }

    private static PrintRule.Part part(String text) {
        String[] words = text.split(" ");
        return new PrintRule.Part(
                Arrays.stream(words[0].split("\\+")).map(RoleKey::new).toList(),
                words[1].equals(ANY) ? Optional.empty() : Optional.of(PrintValue.valueOf(words[1])), Integer.parseInt(words[2]));
    }
}
