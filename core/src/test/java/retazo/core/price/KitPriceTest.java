package retazo.core.price;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.Currency;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import retazo.core.measure.Money;
import retazo.core.measure.Percent;

class KitPriceTest {

    private static final Currency DOLLAR = Currency.getInstance("USD");

    private static Money dollars(long minor) {
        return new Money(DOLLAR, minor);
    }

    @Test
    void parts_go_up_to_the_step_and_stay_where_they_are_on_it() {
        assertThat(new KitPrice.Parts().of(Optional.of(dollars(9514)), Optional.empty(), dollars(50))).contains(dollars(9550));
        assertThat(new KitPrice.Parts().of(Optional.of(dollars(9550)), Optional.empty(), dollars(50))).contains(dollars(9550));
        assertThat(new KitPrice.Parts().of(Optional.of(dollars(9514)), Optional.empty(), dollars(1))).contains(dollars(9514));
    }

    /** 40 % of 80 are 32, and 80 less 32 are 48. */
    @Test
    void a_margin_is_of_the_price_and_not_of_the_cost() {
        assertThat(new KitPrice.ByMargin(Percent.of(40)).of(Optional.empty(), Optional.of(dollars(4800)), dollars(1)))
                .contains(dollars(8000));
        assertThat(new KitPrice.ByMargin(Percent.of(40)).of(Optional.empty(), Optional.of(dollars(4801)), dollars(500)))
                .contains(dollars(8500));
    }

    @Test
    void a_price_by_hand_is_not_rounded() {
        assertThat(new KitPrice.ByHand(dollars(9499)).of(Optional.empty(), Optional.empty(), dollars(500))).contains(dollars(9499));
    }

    @Test
    void what_is_not_known_or_of_another_currency_gives_no_price() {
        Money euros = new Money(Currency.getInstance("EUR"), 9000);

        assertThat(new KitPrice.Parts().of(Optional.empty(), Optional.of(dollars(1)), dollars(1))).isEmpty();
        assertThat(new KitPrice.ByMargin(Percent.of(40)).of(Optional.of(dollars(1)), Optional.empty(), dollars(1))).isEmpty();
        assertThat(new KitPrice.Parts().of(Optional.of(euros), Optional.empty(), dollars(1))).isEmpty();
        assertThatIllegalArgumentException().isThrownBy(() -> new KitPrice.ByMargin(Percent.of(100)));
    }

    @ParameterizedTest
    @ValueSource(strings = {"parts", "margin 4050", "hand USD 9500"})
    void what_is_kept_is_read_again(String code) {
        assertThat(KitPrice.read(code).code()).isEqualTo(code);
    }

    @Test
    void what_nobody_kept_is_not_read() {
        assertThatIllegalArgumentException().isThrownBy(() -> KitPrice.read("free"));
    }

    /** The step before is not enough: what is left of it is less than the margin. */
    @Property
    void a_price_by_margin_is_the_least_that_keeps_it(
            @ForAll @LongRange(min = 1, max = 1_000_000) long cost, @ForAll @IntRange(max = 9_900) int margin,
            @ForAll @LongRange(min = 1, max = 1_000) long step) {
        long price = new KitPrice.ByMargin(new Percent(margin)).of(Optional.empty(), Optional.of(dollars(cost)), dollars(step))
                .orElseThrow().minor();

        assertThat(price % step).isZero();
        assertThat((price - cost) * 10_000).isGreaterThanOrEqualTo(price * margin);
        assertThat((price - step - cost) * 10_000).isLessThan((price - step) * margin);
    }
}
