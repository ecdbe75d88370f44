package retazo.app.staff;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which passwords are taken. */
class PasswordRuleTest {

    @ParameterizedTest
    @CsvSource({
            "two words or, ''", "eleven char, person.password", "'         ', person.password", "aaaaaaaaaaaa, person.password-easy",
            "abababababab, person.password-easy", "password123!, person.password-easy", "123456789012, person.password-easy",
            "987654321098, person.password-easy", "abcdefghijkl, person.password-easy", "QWERTYUIOPAS, person.password-easy",
            "Quiltshop 2026, person.password-easy", "my name is juno, person.password-name", "seven small boats, ''"})
    void a_password_is_long_and_not_what_everybody_tries_first(String password, String code) {
        assertThat(PasswordRule.problem("password", password, "juno").map(problem -> problem.code()).orElse("")).isEqualTo(code);
    }

    @Test
    void the_longest_has_64_characters() {
        String longest = "tide ".repeat(12) + "mark";

        assertThat(PasswordRule.problem("password", longest, "")).isEmpty();
        assertThat(PasswordRule.problem("password", longest + "s", "")).isPresent();
        assertThat(PasswordRule.problem("password", "приливная отметка у причала восемь ноль два", "")).isPresent();
    }
}
