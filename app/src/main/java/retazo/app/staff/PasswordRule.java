package retazo.app.staff;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import retazo.core.measure.Problem;

/**
 * What a password must be to be set: long enough, not of a few characters only, not among those that everybody tries first, and without the
 * name that one signs in with. Nothing is asked of capitals or digits; a few words are best.
 */
final class PasswordRule {

    static final int SHORTEST = 12;
    static final int LONGEST = 64;
    /** What the hash looks at; letters beyond the Latin ones take two to four. */
    private static final int MOST_BYTES = 72;
    private static final int FEWEST_CHARACTERS = 5;
    private static final Set<String> TRIED_FIRST = Set.of(
            "password", "passwort", "welcome", "letmein", "qwerty", "qwertz", "abcdefgh", "iloveyou", "sunshine", "princess", "football",
            "baseball", "dragon", "monkey", "admin", "secret", "changeme", "quilting", "quiltshop", "fabrics", "retazo");
    private static final List<String> ROWS = List.of("01234567890123456789", "98765432109876543210", "abcdefghijklmnopqrstuvwxyz",
            "qwertyuiopasdfghjklzxcvbnm", "qwertzuiopasdfghjklyxcvbnm");

    private PasswordRule() {
    }

    /** What is wrong with a password, at the field of that name. */
    static Optional<Problem> problem(String field, String password, String signInName) {
        if (password.length() < SHORTEST || password.length() > LONGEST) {
            return Optional.of(Problem.at(field, "person.password", SHORTEST, LONGEST));
        }
        if (password.getBytes(StandardCharsets.UTF_8).length > MOST_BYTES) {
            return Optional.of(Problem.at(field, "person.password-long"));
        }
        String plain = password.toLowerCase(Locale.ROOT);
        // What is left without digits and signs at its ends: password123! is password.
        String stem = plain.replaceAll("^[^a-z]+|[^a-z]+$", "");
        boolean easy = plain.chars().distinct().count() < FEWEST_CHARACTERS || TRIED_FIRST.contains(stem)
                || ROWS.stream().anyMatch(row -> row.contains(plain));
        if (easy) {
            return Optional.of(Problem.at(field, "person.password-easy"));
        }
        return !signInName.isEmpty() && plain.contains(signInName)
                ? Optional.of(Problem.at(field, "person.password-name"))
                : Optional.empty();
    }
}
