package retazo.core.price;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Currency;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import retazo.core.measure.Money;

class EarningTest {

    private static final Currency DOLLAR = Currency.getInstance("USD");

    /** 25.80 for what cost 12.90 keeps a half; 12.90 for 7.09 keeps 5.81, 45.04 %; 10.00 for 12.50 loses a quarter. */
    @ParameterizedTest
    @CsvSource({"2580, 1290, 1290, 50", "1290, 709, 581, 45", "1000, 1250, -250, -25", "999, 0, 999, 100"})
    void by_hand(long net, long cost, long kept, long percent) {
        assertThat(Earning.of(new Money(DOLLAR, net), new Money(DOLLAR, cost))).contains(new Earning(new Money(DOLLAR, kept), percent));
    }

    @Test
    void of_nothing_there_is_none() {
        assertThat(Earning.of(Money.zero(DOLLAR), new Money(DOLLAR, 5))).isEmpty();
    }
}
