package retazo.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;
import retazo.core.cloth.Colour;

class PictureColoursTest {

    private static final int NAVY = 0x20304f;
    private static final int CREAM = 0xe8dcc0;

    @Test
    void what_shows_most_is_the_ground_and_the_rest_the_motif() {
        assertThat(PictureColours.of(dots(100, 30))).isEqualTo(new FabricLook(new Colour(NAVY), new Colour(CREAM)));
        assertThat(PictureColours.of(dots(100, 70))).isEqualTo(new FabricLook(new Colour(CREAM), new Colour(NAVY)));
    }

    @Test
    void cloth_of_one_colour_has_no_motif() {
        assertThat(PictureColours.of(new int[] {NAVY, NAVY, NAVY})).isEqualTo(new FabricLook(new Colour(NAVY), new Colour(NAVY)));
        assertThat(PictureColours.of(new int[] {CREAM})).isEqualTo(new FabricLook(new Colour(CREAM), new Colour(CREAM)));
    }

    /** Threads a little lighter and darker than their colour are that colour, to the eye's threshold. */
    @Test
    void a_weave_is_seen_through() {
        Random chance = new Random(5);
        int[] woven = Arrays.stream(dots(4_000, 1_200)).map(dot -> lifted(dot, chance.nextInt(25) - 12)).toArray();

        FabricLook look = PictureColours.of(woven);

        assertThat(Lab.of(look.ground()).differenceTo(Lab.of(new Colour(NAVY)))).isCloseTo(0, within(1.0));
        assertThat(Lab.of(look.motif()).differenceTo(Lab.of(new Colour(CREAM)))).isCloseTo(0, within(1.0));
    }

    /** Half black and half white give half the light of white, which sRGB writes as 188: (1.055 · 0.5^(1/2.4) − 0.055) · 255 = 187.5. */
    @Test
    void light_is_mixed_and_not_its_numbers() {
        int[] greys = new int[256];
        Arrays.fill(greys, 0, 128, 0x7d7d7d);
        Arrays.fill(greys, 128, 256, 0x838383);
        double light = (Light.of(0x7d) + Light.of(0x83)) / 2;

        assertThat(PictureColours.of(greys).ground()).isEqualTo(new Colour(Light.channel(light) * 0x010101));
        assertThat(Light.channel(0.5)).isEqualTo(188);
        assertThat(Light.of(255)).isEqualTo(1);
    }

    @Test
    void every_channel_is_found_again_by_its_light() {
        for (int channel = 0; channel <= 255; channel++) {
            assertThat(Light.channel(Light.of(channel))).isEqualTo(channel);
        }
    }

    @Test
    void a_picture_without_dots_is_refused() {
        assertThatThrownBy(() -> PictureColours.of(new int[0])).isInstanceOf(IllegalArgumentException.class);
    }

    /** So many dots, of which some are cream and the others navy, mixed. */
    private static int[] dots(int all, int cream) {
        int[] dots = new int[all];
        for (int i = 0; i < all; i++) {
            dots[i] = i * 37 % all < cream ? CREAM : NAVY;
        }
        return dots;
    }

    private static int lifted(int dot, int by) {
        int red = Math.max(0, Math.min(255, (dot >> 16 & 0xff) + by));
        int green = Math.max(0, Math.min(255, (dot >> 8 & 0xff) + by));
        int blue = Math.max(0, Math.min(255, (dot & 0xff) + by));
        return red << 16 | green << 8 | blue;
    }
}
