package retazo.app.shared;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Currency;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import retazo.core.measure.Money;

class MoneyTextTest {

    @ParameterizedTest
    @CsvSource({"USD, 1290, $12.90", "EUR, 5, €0.05", "JPY, 1200, '¥1,200'", "USD, 123456789, '$1,234,567.89'"})
    void money_is_shown_with_the_sign_and_the_coins_of_its_currency(String currency, long minor, String shown) {
        assertThat(MoneyText.of(new Money(Currency.getInstance(currency), minor))).isEqualTo(shown);
    }
}
