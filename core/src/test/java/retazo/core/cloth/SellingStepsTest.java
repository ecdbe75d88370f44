package retazo.core.cloth;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Length;

/** Eighths of a yard are 4 1/2 in, thirds 12 in. */
class SellingStepsTest {

    private static final ShopPractice EIGHTHS_AND_THIRDS = ShopPractice.customary()
            .with(PracticeMeasure.OTHER_SELLING_STEP, Length.ofYards(1, 3));

    @ParameterizedTest
    @CsvSource({"11 1/2, 12", "12, 12", "12 1/8, 13 1/2", "13 5/8, 18", "23, 24", "24 1/4, 27", "46, 48", "48 1/2, 49 1/2"})
    void the_nearest_above_of_either_is_sold(String exact, String sold) {
        assertThat(EIGHTHS_AND_THIRDS.sellingSteps().roundedUp(Length.parse(exact + " in"))).isEqualTo(Length.parse(sold + " in"));
    }

    /** Quarters and thirds of a yard, and tenths of a metre, 3.937 in: what is not a whole number of inches is found as well. */
    @ParameterizedTest
    @CsvSource({"8, 9 in", "3 7/8, 10 cm", "10, 30 cm", "11 7/8, 12 in", "15, 40 cm", "19, 50 cm", "24, 24 in", "28, 80 cm"})
    void of_three_steps_the_nearest_counts(String exact, String sold) {
        SellingSteps three = ShopPractice.customary()
                .with(PracticeMeasure.SELLING_STEP, Length.ofYards(1, 4))
                .with(PracticeMeasure.OTHER_SELLING_STEP, Length.ofYards(1, 3))
                .with(PracticeMeasure.THIRD_SELLING_STEP, Length.ofMillimetres(100))
                .sellingSteps();

        assertThat(three.roundedUp(Length.parse(exact + " in"))).isEqualTo(Length.parse(sold));
    }

    /** 22 in and 5 % are 23.1: two thirds of a yard, where eighths alone are 27 in. */
    @ParameterizedTest
    @CsvSource({"22, 24, 27", "30, 31 1/2, 31 1/2", "34 1/4, 36, 36", "35, 40 1/2, 40 1/2", "45, 48, 49 1/2"})
    void the_margin_comes_before_the_step(String exact, String both, String eighths) {
        Figure<Length> length = Figure.given("exact", Label.of("cloth.exact"), Length.parse(exact + " in"), Origin.craft("test"));

        assertThat(EIGHTHS_AND_THIRDS.toSell("sell", Label.of("cloth.sell"), length).value()).isEqualTo(Length.parse(both + " in"));
        assertThat(ShopPractice.customary().toSell("sell", Label.of("cloth.sell"), length).value())
                .isEqualTo(Length.parse(eighths + " in"));
    }

    @Property
    void two_steps_never_sell_more_than_one_and_never_too_little(@ForAll @IntRange(min = 1, max = 4000) int sixteenths) {
        Length exact = Length.ofInches(sixteenths, 16);

        Length both = EIGHTHS_AND_THIRDS.sellingSteps().roundedUp(exact);

        assertThat(both).isBetween(exact, exact.roundedUpTo(Length.ofYards(1, 8)));
        assertThat(both.roundedUpTo(Length.ofYards(1, 8)).equals(both) || both.roundedUpTo(Length.ofYards(1, 3)).equals(both)).isTrue();
    }
}
