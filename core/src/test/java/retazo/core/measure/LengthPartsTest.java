package retazo.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.RoundingMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LengthPartsTest {

    @ParameterizedTest
    @CsvSource({
            "63 in, YARD, 1 3/4 yd", "48 in, YARD, 1 1/3 yd", "27 in, YARD, 3/4 yd", "72 in, YARD, 2 yd", "0 in, YARD, 0 yd",
            "39 1/4 in, YARD, 39 1/4 in", "99 1/2 in, YARD, 99 1/2 in", "126 in, YARD, 3 1/2 yd", "6.4 cm, INCH, 6.4 cm",
            "6.35 cm, INCH, 2 1/2 in",
            "12 mm, MILLIMETRE, 12 mm", "60 m, METRE, 60 m", "1/3 in, INCH, ≈ 3/8 in", "30 in, YARD, 5/6 yd", "12 7/8 in, INCH, 12 7/8 in",
            "1/64 in, INCH, 1/64 in", "1 m, METRE, 1 m",
            "1.6 m, METRE, 1.6 m", "10 in, CENTIMETRE, 25.4 cm", "100 m, METRE, 100 m"})
    void lengths_are_shown_in_true_fractions_or_decimals(String length, LengthUnit unit, String text) {
        assertThat(LengthParts.of(Length.parse(length), unit).plainText()).isEqualTo(text);
    }

    /**
     * 3353 1/2 in are 93.153 yd: 93 1/8 (3352 1/2 in) below, 93 1/4 (3357 in) above. 47 22/25 in lie between 47 7/8 and 48. 1/3 in are
     * 0.847 cm, so 0.008 and 0.009 m are nearest and 0.85 cm is no whole millimetre.
     */
    @ParameterizedTest
    @CsvSource({
            "6707/2 in, YARD, DOWN, ≈ 93 1/8 yd", "6707/2 in, YARD, UP, ≈ 93 1/4 yd", "1197/25 in, INCH, UP, ≈ 48 in",
            "1.6 m, YARD, DOWN, ≈ 62 7/8 in", "1197/25 in, INCH, DOWN, ≈ 47 7/8 in", "1197/25 in, YARD, UP, ≈ 48 in",
            "10 1/3 in, METRE, UP, ≈ 0.27 m",
            "10 1/3 in, METRE, DOWN, ≈ 0.26 m", "10 1/3 in, CENTIMETRE, DOWN, ≈ 26.2 cm", "63 in, YARD, UP, 1 3/4 yd"})
    void what_is_no_usual_part_is_rounded_the_safe_way_and_marked(String length, LengthUnit unit, RoundingMode rounding, String text) {
        assertThat(LengthParts.of(Length.parse(length), unit, rounding).plainText()).isEqualTo(text);
    }

    @ParameterizedTest
    @CsvSource({
            "2 1/2 in, INCH, 2 1/2", "6.4 cm, INCH, 6.4 cm", "1/3 in, INCH, 1/3 in", "63 in, YARD, 1 3/4", "40 in, YARD, 40 in",
            "1.5 m, METRE, 1.5", "10 1/3 in, METRE, 10 1/3 in"})
    void what_stands_in_a_field_is_read_as_the_same_length_again(String length, LengthUnit assumed, String text) {
        Length exact = Length.parse(length);

        assertThat(LengthParts.typed(exact, assumed)).isEqualTo(text);
        assertThat(LengthText.read(text, assumed).understood().map(TypedLength::length)).contains(exact);
    }
}
