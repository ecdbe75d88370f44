package retazo.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import retazo.core.cloth.Colour;

class LabTest {

    /** Pairs of the test data published with the formula, each for one of its branches. */
    @ParameterizedTest
    @CsvSource({
            "50, 2.6772, -79.7751, 50, 0, -82.7485, 2.0425",
            "50, 3.1571, -77.2803, 50, 0, -82.7485, 2.8615",
            "50, 2.8361, -74.0200, 50, 0, -82.7485, 3.4412",
            "50, -1.3802, -84.2814, 50, 0, -82.7485, 1.0000",
            "50, -1.1848, -84.8006, 50, 0, -82.7485, 1.0000",
            "50, -0.9009, -85.5211, 50, 0, -82.7485, 1.0000",
            "50, 0, 0, 50, -1, 2, 2.3669",
            "50, -1, 2, 50, 0, 0, 2.3669",
            "50, 2.4900, -0.0010, 50, -2.4900, 0.0009, 7.1792",
            "50, 2.4900, -0.0010, 50, -2.4900, 0.0010, 7.1792",
            "50, 2.4900, -0.0010, 50, -2.4900, 0.0011, 7.2195",
            "50, 2.5, 0, 50, 0, -2.5, 4.3065",
            "50, 2.5, 0, 73, 25, -18, 27.1492",
            "50, 2.5, 0, 61, -5, 29, 22.8977",
            "50, 2.5, 0, 56, -27, -3, 31.9030",
            "50, 2.5, 0, 58, 24, 15, 19.4535",
            "60.2574, -34.0099, 36.2677, 60.4626, -34.1751, 39.4387, 1.2644",
            "63.0109, -31.0961, -5.8663, 62.8187, -29.7946, -4.0864, 1.2630",
            "2.0776, 0.0795, -1.1350, 0.9033, -0.0636, -0.5514, 0.9082"
    })
    void agreesWithThePublishedPairs(double l1, double a1, double b1, double l2, double a2, double b2, double difference) {
        Lab one = new Lab(l1, a1, b1);
        Lab other = new Lab(l2, a2, b2);
        assertThat(one.differenceTo(other)).isCloseTo(difference, within(0.00005));
        assertThat(other.differenceTo(one)).isCloseTo(difference, within(0.00005));
    }

    @Test
    void whiteBlackAndTheMiddleGreyLieOnTheAxis() {
        assertThat(Lab.of(Colour.parse("#ffffff")).lightness()).isCloseTo(100, within(0.01));
        assertThat(Lab.of(Colour.parse("#ffffff")).chroma()).isCloseTo(0, within(0.02));
        assertThat(Lab.of(Colour.parse("#000000"))).isEqualTo(new Lab(0, 0, 0));
        assertThat(Lab.of(Colour.parse("#777777")).lightness()).isCloseTo(50.03, within(0.01));
    }

    /** The known place of the screen's pure red. */
    @Test
    void redIsWhereItIsKnownToBe() {
        Lab red = Lab.of(Colour.parse("#ff0000"));
        assertThat(red.lightness()).isCloseTo(53.24, within(0.01));
        assertThat(red.a()).isCloseTo(80.09, within(0.01));
        assertThat(red.b()).isCloseTo(67.20, within(0.01));
    }
}
