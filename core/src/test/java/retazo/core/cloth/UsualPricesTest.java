package retazo.core.cloth;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Currency;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import retazo.core.measure.Money;

class UsualPricesTest {

    private static final Currency DOLLAR = Currency.getInstance("USD");
    private static final UsualPrices PRICES = new UsualPrices(DOLLAR, Optional.empty(), Map.of(
            PrecutKind.FAT_QUARTER, new Money(DOLLAR, 375), PrecutKind.STRIP_ROLL, new Money(DOLLAR, 4800)));

    /** Twelve at 3.75 are 45.00. */
    @Test
    void a_bundle_of_quarters_costs_so_many_times_one() {
        assertThat(PRICES.ofBundle(PrecutKind.FAT_QUARTER, 12)).contains(new Money(DOLLAR, 4500));
        assertThat(PRICES.ofBundle(PrecutKind.FAT_QUARTER, 1)).contains(new Money(DOLLAR, 375));
    }

    @Test
    void a_roll_costs_what_a_roll_does_and_loose_strips_of_it_nothing_known() {
        assertThat(PRICES.ofBundle(PrecutKind.STRIP_ROLL, 40)).contains(new Money(DOLLAR, 4800));
        assertThat(PRICES.ofBundle(PrecutKind.STRIP_ROLL, 42)).contains(new Money(DOLLAR, 4800));
        assertThat(PRICES.ofBundle(PrecutKind.STRIP_ROLL, 12)).isEmpty();
        assertThat(PRICES.ofBundle(PrecutKind.SQUARES_5, 40)).isEmpty();
    }
}
