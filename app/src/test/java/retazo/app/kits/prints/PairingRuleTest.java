package retazo.app.kits.prints;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import retazo.core.precut.PrintMatching;
import retazo.core.precut.PrintMatching.Unit;
import retazo.core.precut.PrintMatching.Value;

class PairingRuleTest {

    @ParameterizedTest
    @ValueSource(strings = {"light, dark any", "LIGHT DARK ANY", " light ,dark, any "})
    void places_are_words_with_commas_or_without(String typed) {
        Unit unit = PairingRule.unit(typed, 2).orElseThrow();

        assertThat(unit.places()).isEqualTo(List.of(Optional.of(Value.LIGHT), Optional.of(Value.DARK), Optional.empty()));
        assertThat(new PairingRule(4, unit).placesText()).isEqualTo("light, dark, any");
        assertThat(new PairingRule(4, unit).pieces()).isEqualTo(24);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "two", "light dusky", "any any any any any any any any any"})
    void anything_else_and_more_than_eight_are_none(String typed) {
        assertThat(PairingRule.unit(typed, 1)).isEmpty();
    }
}
