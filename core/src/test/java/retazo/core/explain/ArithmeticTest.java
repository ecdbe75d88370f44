package retazo.core.explain;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import retazo.core.measure.Count;
import retazo.core.measure.ExactLength;
import retazo.core.measure.Length;
import retazo.core.measure.Percent;

class ArithmeticTest {

    private static final Label LABEL = Label.of("test");
    private static final Figure<Length> FORTY = length("U", 40);
    private static final Figure<Length> PIECE = Figure.given("w", LABEL, Length.ofInches(13, 4), Origin.pattern("block"));
    private static final Figure<Count> FIFTY = Figure.given("n", LABEL, new Count(50), Origin.pattern("sizes"));

    /** 12 pieces to a strip (40 ÷ 3 1/4 = 12.3), 50 ÷ 12 is 5 strips, 5 × 3 1/4 = 16 1/4 in. */
    @Test
    void a_strip_sum_comes_out_with_its_steps() {
        Figure<Count> perStrip = Arithmetic.wholeTimes("perStrip", LABEL, FORTY, PIECE);
        Figure<Count> strips = Arithmetic.groups("strips", LABEL, FIFTY, perStrip);
        Figure<Length> length = Arithmetic.product("length", LABEL, strips, PIECE);

        assertThat(perStrip.value()).isEqualTo(new Count(12));
        assertThat(strips.value()).isEqualTo(new Count(5));
        assertThat(length.value()).isEqualTo(Length.ofInches(65, 4));
        assertThat(length.operands()).extracting(Figure::key).containsExactly("strips", "w");
        assertThat(strips.operands()).extracting(Figure::key).containsExactly("n", "perStrip");
    }

    @Test
    void a_given_figure_has_no_operands() {
        assertThat(FORTY.operands()).isEmpty();
        assertThat(FORTY.working().<Origin>match(Working.Given::origin, worked -> Origin.craft("none"))).isEqualTo(Origin.practice("U"));
    }

    @Test
    void the_least_of_equal_figures_is_their_value_with_all_of_them_shown() {
        Figure<Length> least = Arithmetic.least("least", LABEL, List.of(FORTY, length("V", 40), length("W", 41)));

        assertThat(least.value()).isEqualTo(Length.ofInches(40));
        assertThat(least.operands()).hasSize(3);
    }

    @Test
    void a_share_on_top_keeps_its_fraction_until_it_is_rounded() {
        Figure<Percent> share = Figure.given("m", LABEL, Percent.of(5), Origin.practice("margin"));
        Figure<ExactLength> more = Arithmetic.withShare("more", LABEL, PIECE, share);
        Figure<Length> sold = Arithmetic.exactRoundedUp("sold", LABEL, more, length("step", 1));

        assertThat(more.value().toDecimalInches(4)).isEqualTo("3.4125");
        assertThat(sold.value()).isEqualTo(Length.ofInches(4));
    }

    @Test
    void a_figure_under_another_name_keeps_its_working() {
        Figure<Length> sum = Arithmetic.sum("sum", LABEL, List.of(FORTY, PIECE));

        Figure<Length> renamed = sum.named("other", Label.of("other"));

        assertThat(renamed.value()).isEqualTo(Length.ofInches(173, 4));
        assertThat(renamed.operands()).isEqualTo(sum.operands());
        assertThat(renamed.key()).isEqualTo("other");
    }

    @Test
    void counts_are_added_and_multiplied() {
        Figure<Count> three = Figure.given("three", LABEL, new Count(3), Origin.pattern("x"));

        assertThat(Arithmetic.sumOfCounts("s", LABEL, List.of(FIFTY, three)).value()).isEqualTo(new Count(53));
        assertThat(Arithmetic.productOfCounts("p", LABEL, FIFTY, three).value()).isEqualTo(new Count(150));
    }

    private static Figure<Length> length(String key, long inches) {
        return Figure.given(key, LABEL, Length.ofInches(inches), Origin.practice(key));
    }
}
