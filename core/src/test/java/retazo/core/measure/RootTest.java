package retazo.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.math.MathContext;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;

/** Lengths with roots other than √2. */
class RootTest {

    private static final MathContext SIXTY = new MathContext(60);
    private static final Length INCH = Length.ofInches(1);

    @Test
    void roots_that_come_out_whole_are_rational() {
        ExactLength five = ExactLength.root(INCH, 25, 0);

        assertThat(five.isRational()).isTrue();
        assertThat(five).isEqualTo(ExactLength.of(Length.ofInches(5)));
    }

    @Test
    void square_factors_come_out_of_a_root() {
        assertThat(ExactLength.root(INCH, 8, 0)).isEqualTo(ExactLength.rootTwo(Length.ofInches(2)));
        assertThat(ExactLength.root(INCH, 8, 0).minus(ExactLength.rootTwo(INCH.times(2)))).isEqualTo(ExactLength.of(Length.ZERO));
    }

    /** 1 ÷ sin 22½° = √(4 + 2√2) = 2.61312592…, 2 tan 22½° ÷ sin 22½° = 2√(4 − 2√2) = 2.16478440… */
    @Test
    void roots_of_roots_are_cut_off_not_rounded() {
        assertThat(ExactLength.root(INCH, 4, 2).toDecimalInches(8)).isEqualTo("2.61312592");
        assertThat(ExactLength.root(INCH.times(2), 4, -2).toDecimalInches(7)).isEqualTo("2.1647844");
    }

    @Test
    void a_root_of_nothing_or_less_is_refused() {
        assertThatThrownBy(() -> ExactLength.root(INCH, 0, 0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> ExactLength.root(INCH, 1, -1)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void a_share_of_ticks_is_rounded_up_to_the_step() {
        assertThat(ExactLength.of(new Length(1)).dividedBy(2).toCut(Length.ofInches(1, 8))).isEqualTo(Length.ofInches(1, 8));
        assertThat(ExactLength.of(INCH).dividedBy(2).toCut(Length.ofInches(1, 8))).isEqualTo(Length.ofInches(1, 2));
    }

    /** Compared with both roots in 60 decimal digits. */
    @Property(tries = 500)
    void rounding_up_a_sum_of_roots_agrees_with_many_decimals(
            @ForAll @LongRange(min = 0, max = 40_000_000) long rational,
            @ForAll @LongRange(min = 1, max = 2_000_000) long first,
            @ForAll @LongRange(min = -2_000_000, max = -1) long second,
            @ForAll @LongRange(min = 2, max = 3_000_000) long radicand,
            @ForAll @LongRange(min = 1, max = 50) long divisor,
            @ForAll @LongRange(min = 1, max = 200_000) long step) {
        ExactLength exact = ExactLength.ofTicks(rational, 1)
                .plus(ExactLength.root(new Length(first), radicand, 0))
                .plus(ExactLength.root(new Length(second), 4, 2))
                .dividedBy(divisor);
        BigDecimal inner = BigDecimal.valueOf(4).add(BigDecimal.valueOf(2).sqrt(SIXTY).multiply(BigDecimal.valueOf(2)));
        BigDecimal decimal = BigDecimal.valueOf(rational)
                .add(BigDecimal.valueOf(radicand).sqrt(SIXTY).multiply(BigDecimal.valueOf(first)))
                .add(inner.sqrt(SIXTY).multiply(BigDecimal.valueOf(second)))
                .divide(BigDecimal.valueOf(divisor), SIXTY);

        BigDecimal rounded = BigDecimal.valueOf(exact.roundedUpTo(new Length(step)).ticks());

        assertThat(rounded).isGreaterThanOrEqualTo(decimal);
        assertThat(rounded.subtract(BigDecimal.valueOf(step))).isLessThan(decimal);
    }
}
