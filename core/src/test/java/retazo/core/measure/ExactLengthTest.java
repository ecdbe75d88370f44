package retazo.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.MathContext;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;

class ExactLengthTest {

    private static final Length EIGHTH = Length.ofInches(1, 8);

    @Test
    void the_diagonal_of_a_quarter_inch_is_cut_off_not_rounded() {
        assertThat(ExactLength.rootTwo(Length.ofInches(1, 4)).toDecimalInches(6)).isEqualTo("0.353553");
    }

    @Test
    void three_inches_with_its_seams_is_cut_at_three_and_seven_eighths() {
        ExactLength exact = ExactLength.of(Length.ofInches(7, 2)).plus(ExactLength.rootTwo(Length.ofInches(1, 4)));

        assertThat(exact.toDecimalInches(4)).isEqualTo("3.8535");
        assertThat(exact.toCut(EIGHTH)).isEqualTo(Length.ofInches(31, 8));
    }

    @Test
    void a_rational_size_off_the_step_is_cut_as_it_is() {
        assertThat(ExactLength.of(Length.ofInches(5, 16)).toCut(EIGHTH)).isEqualTo(Length.ofInches(5, 16));
    }

    @Test
    void a_share_is_rounded_only_to_the_selling_step() {
        ExactLength withMargin = Percent.of(5).onTopOf(Length.ofInches(271, 4));

        assertThat(withMargin.toDecimalInches(4)).isEqualTo("71.1375");
        assertThat(withMargin.roundedUpTo(Length.ofYards(1, 8))).isEqualTo(Length.ofInches(72));
    }

    @Test
    void equal_values_are_equal_records() {
        ExactLength half = ExactLength.ofTicks(3, 6);

        assertThat(half).isEqualTo(ExactLength.ofTicks(1, 2));
    }

    /** Compared with √2 in 60 decimal digits, an independent way to the same step. */
    @Property
    void rounding_up_agrees_with_many_decimals(
            @ForAll @LongRange(min = 0, max = 600_000_000) long rational,
            @ForAll @LongRange(min = -400_000_000, max = 400_000_000) long root,
            @ForAll @LongRange(min = 1, max = 2_000_000) long step) {
        ExactLength exact = ExactLength.ofTicks(rational, 1).plus(ExactLength.rootTwo(new Length(root)));
        BigDecimal decimal = BigDecimal.valueOf(rational)
                .add(BigDecimal.valueOf(2).sqrt(new MathContext(60)).multiply(BigDecimal.valueOf(root)));

        BigDecimal rounded = BigDecimal.valueOf(exact.roundedUpTo(new Length(step)).ticks());

        assertThat(rounded).isGreaterThanOrEqualTo(decimal);
        assertThat(rounded.subtract(BigDecimal.valueOf(step))).isLessThan(decimal);
    }
}
