package retazo.app.shared;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;

/** Lengths in one column stand in one unit, never longer than they are. An eighth of a yard is 4 1/2 in. */
class ComparedLengthTest {

    @ParameterizedTest
    @CsvSource({
            "36 in, 1 yd", "197 in, ≈ 5 3/8 yd", "252 in, 7 yd", "253 1/2 in, ≈ 7 yd", "4 in, ≈ 0 yd", "193 1/2 in, 5 3/8 yd",
            "0 in, 0 yd"})
    void down_to_an_eighth_of_a_yard(String length, String shown) {
        assertThat(LengthView.compared(Length.parse(length), LengthUnit.YARD).plain()).isEqualTo(shown);
    }

    /** What is missing is rather a little more: 10 in are more than 2/8 yd, 9 in, so 3/8. */
    @ParameterizedTest
    @CsvSource({"774 in, −21 1/2 yd", "10 in, ≈ −3/8 yd"})
    void what_is_missing_is_rounded_to_more(String length, String shown) {
        LengthView view = LengthView.compared(Length.parse(length).negated(), LengthUnit.YARD);

        assertThat(view.plain()).isEqualTo(shown);
        assertThat(view.exactly().isEmpty()).isEqualTo(!shown.startsWith("≈"));
    }

    @ParameterizedTest
    @CsvSource({"1234, ≈ 1.23 m", "1230, 1.23 m", "999, ≈ 0.99 m"})
    void down_to_a_centimetre(long millimetres, String shown) {
        assertThat(LengthView.compared(Length.ofMillimetres(millimetres), LengthUnit.METRE).plain()).isEqualTo(shown);
    }
}
