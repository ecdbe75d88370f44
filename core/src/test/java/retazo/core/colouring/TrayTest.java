package retazo.core.colouring;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import retazo.core.cloth.Colour;

class TrayTest {

    private static Tray of(String colour) {
        return Tray.of(Colour.parse(colour));
    }

    /** Warm to cool across: yellow, orange, red, purple, blue, green; greys last. Light to dark down. */
    @Test
    void a_lighter_one_is_found_above_and_a_cooler_one_to_the_right() {
        assertThat(of("#e6c229").column()).isLessThan(of("#dc7a2b").column());
        assertThat(of("#dc7a2b").column()).isLessThan(of("#b3262c").column());
        assertThat(of("#b3262c").column()).isLessThan(of("#6d4a8c").column());
        assertThat(of("#6d4a8c").column()).isLessThan(of("#3a6ea8").column());
        assertThat(of("#3a6ea8").column()).isLessThan(of("#4f8f55").column());
        assertThat(of("#777777")).isEqualTo(new Tray(Tray.HUES, 2));
        assertThat(of("#ffffff")).isEqualTo(new Tray(Tray.HUES, 0));
        assertThat(of("#000000")).isEqualTo(new Tray(Tray.HUES, Tray.ROWS - 1));
        assertThat(of("#1f2c4c").row()).isGreaterThan(of("#9fb4dd").row());
    }

    @Property(tries = 400)
    void every_colour_has_its_place(@ForAll @IntRange(min = 0, max = 0xffffff) int colour) {
        Tray place = of("#%06x".formatted(colour));

        assertThat(place.column()).isBetween(0, Tray.HUES);
        assertThat(place.row()).isBetween(0, Tray.ROWS - 1);
    }
}
