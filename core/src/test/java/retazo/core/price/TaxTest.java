package retazo.core.price;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Currency;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import retazo.core.measure.Money;
import retazo.core.measure.Percent;

class TaxTest {

    private static final Currency EURO = Currency.getInstance("EUR");

    private static Money cents(long cents) {
        return new Money(EURO, cents);
    }

    /** 119 with 19 % in it has 19 of tax; 12.90 with 8.25 % on top is 1.06 more, 1.06425; 10 with 7 % in it has 0.65, 0.6542. */
    @ParameterizedTest
    @CsvSource({"11900, 1900, true, 1900, 11900", "1290, 825, false, 106, 1396", "1000, 700, true, 65, 1000", "500, 0, false, 0, 500"})
    void by_hand(long amount, int hundredths, boolean included, long tax, long paid) {
        Tax rule = new Tax(new Percent(hundredths), included);

        assertThat(rule.on(cents(amount))).isEqualTo(cents(tax));
        assertThat(rule.toPay(cents(amount))).isEqualTo(cents(paid));
    }

    /** What is paid is what the shop keeps and the tax, and the tax is within half a coin of the rate on what the shop keeps. */
    @Property
    void paid_is_net_and_tax(
            @ForAll @IntRange(max = 5_000_000) int amount, @ForAll @IntRange(max = 9_999) int hundredths, @ForAll boolean included) {
        Tax rule = new Tax(new Percent(hundredths), included);
        Money price = cents(amount);
        long net = rule.net(price).minor();
        long tax = rule.on(price).minor();

        assertThat(net + tax).isEqualTo(rule.toPay(price).minor());
        assertThat(Math.abs(tax * 10_000 - net * hundredths)).isLessThanOrEqualTo(included ? 10_000 : 5_000);
    }
}
