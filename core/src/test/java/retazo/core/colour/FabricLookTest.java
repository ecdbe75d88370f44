package retazo.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import retazo.core.cloth.Colour;

class FabricLookTest {

    private static final FabricLook GREY = look("#777777", "#777777");

    /** Greys 50.03 and 53.59 light; of two fabrics that differ in their ground alone four fifths of that count. */
    @Test
    void the_ground_counts_four_times_the_motif() {
        double grounds = Lab.of(Colour.parse("#777777")).differenceTo(Lab.of(Colour.parse("#808080")));

        assertThat(GREY.differenceTo(look("#808080", "#777777"))).isCloseTo(grounds * 4 / 5, within(1e-9));
        assertThat(GREY.differenceTo(look("#777777", "#808080"))).isCloseTo(grounds / 5, within(1e-9));
        assertThat(GREY.differenceTo(GREY)).isZero();
    }

    @Test
    void a_lighter_grey_is_like_it_and_red_is_not() {
        assertThat(GREY.isLike(look("#808080", "#808080"))).isTrue();
        assertThat(GREY.isLike(look("#a01020", "#a01020"))).isFalse();
        assertThat(GREY.apartFrom(look("#7a7a7a", "#7a7a7a"))).isEqualTo(FabricLook.Apart.HARDLY);
        assertThat(GREY.apartFrom(look("#898989", "#898989"))).isEqualTo(FabricLook.Apart.A_LITTLE);
        assertThat(GREY.apartFrom(look("#a01020", "#a01020"))).isEqualTo(FabricLook.Apart.CLEARLY);
    }

    @Test
    void values_that_one_can_hardly_tell_are_the_same() {
        assertThat(GREY.valueOf(look("#808080", "#000000"))).isEqualTo(FabricLook.Value.SAME);
        assertThat(GREY.valueOf(look("#999999", "#000000"))).isEqualTo(FabricLook.Value.LIGHTER);
        assertThat(GREY.valueOf(look("#333333", "#ffffff"))).isEqualTo(FabricLook.Value.DARKER);
    }

    private static FabricLook look(String ground, String motif) {
        return new FabricLook(Colour.parse(ground), Colour.parse(motif));
    }
}
