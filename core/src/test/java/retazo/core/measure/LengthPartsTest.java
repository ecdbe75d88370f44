package retazo.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LengthPartsTest {

    @ParameterizedTest
    @CsvSource({
            "63 in, YARD, 1 3/4 yd", "48 in, YARD, 1 1/3 yd", "27 in, YARD, 3/4 yd", "72 in, YARD, 2 yd", "0 in, YARD, 0 yd",
            "39 1/4 in, YARD, 39 1/4 in", "123 in, YARD, 123 in", "30 in, YARD, 5/6 yd", "12 7/8 in, INCH, 12 7/8 in",
            "1/64 in, INCH, 1/64 in", "1 m, METRE, 1 m",
            "1.6 m, METRE, 1.6 m", "10 in, CENTIMETRE, 25.4 cm", "100 m, METRE, 100 m"})
    void lengths_are_shown_in_true_fractions_or_decimals(String length, LengthUnit unit, String text) {
        assertThat(LengthParts.of(Length.parse(length), unit).plainText()).isEqualTo(text);
    }

    @Test
    void what_cannot_be_shown_exactly_says_so() {
        LengthParts parts = LengthParts.of(Length.ofMillimetres(1), LengthUnit.INCH);

        assertThat(parts.exact()).isFalse();
        assertThat(parts.plainText()).isEqualTo("≈ 0.039 in");
    }
}
