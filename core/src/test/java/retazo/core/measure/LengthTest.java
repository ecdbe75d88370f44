package retazo.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LengthTest {

    @Test
    void an_inch_a_yard_and_a_millimetre_are_whole_ticks() {
        assertThat(Length.ofInches(1).ticks()).isEqualTo(609_600);
        assertThat(Length.ofYards(1, 3)).isEqualTo(Length.ofInches(12));
        assertThat(Length.ofMillimetres(254)).isEqualTo(Length.ofInches(10));
    }

    @Test
    void a_seventh_of_an_inch_falls_between_two_ticks() {
        assertThatThrownBy(() -> Length.ofInches(1, 7)).isInstanceOf(ArithmeticException.class).hasMessageContaining("1/7 in");
    }

    @Test
    void a_strip_of_forty_and_a_half_does_not_fit_forty() {
        assertThat(Length.ofInches(40).wholeTimes(Length.ofInches(81, 2))).isEqualTo(new Count(0));
        assertThat(Length.ofInches(40).wholeTimes(Length.ofInches(13, 4))).isEqualTo(new Count(12));
    }

    @ParameterizedTest
    @CsvSource({"67 3/4, 9/2, 72", "72, 9/2, 72", "72 1/8, 9/2, 76 1/2", "0, 9/2, 0"})
    void lengths_round_up_to_whole_steps(String length, String step, String rounded) {
        assertThat(Length.parse(length).roundedUpTo(Length.parse(step))).isEqualTo(Length.parse(rounded));
    }

    @Test
    void sums_that_leave_the_range_are_refused() {
        Length longest = new Length(Long.MAX_VALUE);

        assertThatThrownBy(() -> longest.plus(new Length(1))).isInstanceOf(ArithmeticException.class);
        assertThatThrownBy(() -> longest.times(2)).isInstanceOf(ArithmeticException.class);
    }

    @ParameterizedTest
    @CsvSource({"7847, 8, 980 7/8 in", "0, 1, 0 in", "-1, 2, -1/2 in", "-5, 2, -2 1/2 in", "1, 4, 1/4 in"})
    void the_plain_text_is_inches_with_a_fraction(long numerator, long denominator, String text) {
        assertThat(Length.ofInches(numerator, denominator)).hasToString(text);
    }

    @Property
    void what_is_written_is_read_back(@ForAll @LongRange(min = 0, max = 219_456_000_000L) long ticks) {
        assertThat(Length.parse(new Length(ticks).toString())).isEqualTo(new Length(ticks));
    }

    @Property
    void rounding_up_adds_less_than_a_step(
            @ForAll @LongRange(min = 0, max = 1_000_000_000) long ticks, @ForAll @LongRange(min = 1, max = 1_000_000) long step) {
        Length rounded = new Length(ticks).roundedUpTo(new Length(step));

        assertThat(rounded.ticks() % step).isZero();
        assertThat(rounded.ticks() - ticks).isBetween(0L, step - 1);
    }
}
