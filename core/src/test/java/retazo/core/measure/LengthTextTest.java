package retazo.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LengthTextTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {
            "2 1/2|5|2", "2½|5|2", "2-1/2\"|5|2", "2.5in|5|2", "2,5 in|5|2", " 2 ½ ″ |5|2", "2 1⁄2 inches|5|2", ".5|1|2",
            "1 3/4 yd|63|1", "1⅓ yd|48|1", "1 yd 9 in|45|1", "2 ft|24|1", "1/2 yards|18|1", "2 YDS|72|1", "0|0|1",
            "6.35 cm|5|2", "0.254 m|10|1", "254 mm|10|1", "12–1/2|25|2", "1 yd. 9 in.|45|1", "3/8|3|8"})
    void lengths_are_read_as_people_type_them(String typed, long numerator, long denominator) {
        assertThat(understood(typed).length()).isEqualTo(Length.ofInches(numerator, denominator));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {
            "``|length.missing", "   |length.missing", "abc|length.unreadable", "2 1/0|length.divided-by-zero", "-3 in|length.negative",
            "−3|length.negative", "1/7|length.between-ticks", "99999999999 yd|length.too-large", "10001 yd|length.too-large",
            "2 in 3|length.unreadable", "3 4|length.unreadable", "٣|length.unreadable", "1e5|length.unreadable",
            "2 1/2/3|length.unreadable",
            "1 yd 9|length.unreadable", "½½|length.unreadable", "<b>|length.unreadable"})
    void what_is_no_length_is_told_with_its_reason(String typed, String code) {
        String text = typed == null ? "" : typed;
        Problem problem = LengthText.read(text, LengthUnit.INCH).match(
                understood -> Problem.of("read as " + understood.length()), fault -> fault);

        assertThat(problem.code()).isEqualTo(code);
    }

    @Test
    void a_number_without_unit_has_the_assumed_one() {
        Reading<TypedLength> reading = LengthText.read("1 3/4", LengthUnit.YARD);

        assertThat(reading.understood().map(TypedLength::length)).contains(Length.ofInches(63));
    }

    @ParameterizedTest
    @CsvSource({"1.33 yd, 4, 3", "0.67 yd, 2, 3", "0.66 yd, 2, 3", "1.13 yd, 9, 8", "0.63 yd, 5, 8", "0.83 yd, 5, 6"})
    void a_cut_off_decimal_of_a_yard_offers_the_fraction_beside_it(String typed, long numerator, long denominator) {
        assertThat(understood(typed).perhaps()).contains(Length.ofYards(numerator, denominator));
    }

    @ParameterizedTest
    @ValueSource(strings = {"1.34 yd", "1.5 yd", "1.25 yd", "1.125 yd", "0.33 in", "1 1/3 yd"})
    void an_exact_or_other_decimal_offers_nothing(String typed) {
        assertThat(understood(typed).perhaps()).isEqualTo(Optional.empty());
    }

    @Test
    void a_typed_decimal_is_kept_as_typed() {
        assertThat(understood("1.33 yd").length()).isEqualTo(Length.of(133, 100, LengthUnit.YARD));
    }

    @Test
    void a_very_long_text_is_cut_short_in_its_message() {
        String message = LengthText.read("x".repeat(5000), LengthUnit.INCH)
                .match(understood -> "", fault -> fault.arguments().get(0).toString());

        assertThat(message).hasSize(61).endsWith("…");
    }

    private static TypedLength understood(String typed) {
        return LengthText.read(typed, LengthUnit.INCH).match(
                understood -> understood,
                fault -> {
                    throw new AssertionError(typed + ": " + fault);
                });
    }
}
