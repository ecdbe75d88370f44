package retazo.core.cloth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ColourTest {

    /** By hand: 299·79 + 587·127 + 114·134 = 113 446, so 113; pure green 587·255 = 149 685, so 149. */
    @ParameterizedTest
    @CsvSource({"#000000, 0, false", "#ffffff, 255, true", "#808080, 128, false", "#4f7f86, 113, false", "#00ff00, 149, true",
            "#8c8c8c, 140, true", "#8b8b8b, 139, false"})
    void lightness_weighs_the_three_colours(String text, int lightness, boolean light) {
        Colour colour = Colour.parse(text);

        assertThat(colour.lightness()).isEqualTo(lightness);
        assertThat(colour.isLight()).isEqualTo(light);
        assertThat(colour).hasToString(text);
    }

    @Test
    void what_is_no_colour_is_refused() {
        assertThat(Colour.isWritten("#12345")).isFalse();
        assertThat(Colour.isWritten("#12345G")).isFalse();
        assertThatThrownBy(() -> Colour.parse("red")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Colour(0x1000000)).isInstanceOf(IllegalArgumentException.class);
    }
}
