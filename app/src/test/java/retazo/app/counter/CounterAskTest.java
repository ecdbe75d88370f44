package retazo.app.counter;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;

class CounterAskTest {

    @ParameterizedTest
    @CsvSource({
            "heron 1 3/8, heron, 1 3/8 yd", "heron blue 2, heron blue, 2 yd", "0004 1 1/2, 0004, 1 1/2 yd", "'  gull  18 in ', gull, 18 in",
            "gull 1½, gull, 1 1/2 yd", "throw 60 cm, throw, 60 cm", "weir-2 1 yd 9 in, weir-2, 45 in"})
    void the_longest_end_that_is_a_length_is_the_length(String typed, String words, String length) {
        CounterAsk ask = CounterAsk.of(typed, LengthUnit.YARD);

        assertThat(ask.words()).isEqualTo(words);
        assertThat(ask.cut()).hasValueSatisfying(cut -> assertThat(cut.length()).isEqualTo(Length.parse(length)));
    }

    @ParameterizedTest
    @ValueSource(strings = {"throw blue", "0004", "B00012", "heron 0", "heron 400", "3/8", "heron -2", "3/0 3/0"})
    void without_words_before_it_or_beyond_what_is_cut_there_is_none(String typed) {
        assertThat(CounterAsk.of(typed, LengthUnit.YARD).cut()).isEmpty();
    }

    @Test
    void a_number_without_a_unit_is_in_the_unit_of_the_shop() {
        assertThat(CounterAsk.of("heron 2", LengthUnit.METRE).cut()).hasValueSatisfying(
                cut -> assertThat(cut.length()).isEqualTo(Length.ofMillimetres(2_000)));
        assertThat(CounterAsk.of(" ", LengthUnit.YARD).isNothing()).isTrue();
    }
}
