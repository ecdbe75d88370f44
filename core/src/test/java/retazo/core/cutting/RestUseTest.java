package retazo.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import retazo.core.cutting.strip.CutStrip;
import retazo.core.measure.Length;

class RestUseTest {

    /** On cloth of 40 in with binding of 2 1/4: 10 in are a quarter of the width. */
    @ParameterizedTest
    @CsvSource({
            "35, 2 1/4, JOINED_STRIP", "10, 2 1/4, JOINED_STRIP", "2 1/4, 12, JOINED_STRIP", "9 7/8, 2 1/4, SCRAP", "35, 2 1/8, SCRAP",
            "9, 2 1/2, PATCHES", "4, 6 1/2, PATCHES", "2 1/2, 2 1/2, PATCHES"})
    void a_rest_serves_by_its_sides(String width, String height, RestUse expected) {
        CutStrip.Rest rest = new CutStrip.Rest(Length.ZERO, Length.ZERO, Length.parse(width + " in"), Length.parse(height + " in"));

        assertThat(RestUse.of(rest.width(), rest.height(), Length.parse("2 1/4 in"), Length.ofInches(40))).isEqualTo(expected);
        assertThat(RestUse.isWorthNaming(rest)).isTrue();
    }

    @Test
    void a_rest_narrower_than_an_inch_and_a_half_is_not_named() {
        assertThat(RestUse.isWorthNaming(new CutStrip.Rest(Length.ZERO, Length.ZERO, Length.ofInches(30), Length.ofInches(11, 8))))
                .isFalse();
    }
}
