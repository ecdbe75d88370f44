package retazo.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Currency;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import retazo.core.cloth.ClothPrice;

class MoneyTest {

    private static final Currency DOLLAR = Currency.getInstance("USD");
    private static final Currency YEN = Currency.getInstance("JPY");

    @ParameterizedTest
    @CsvSource({"12.90, 1290", "'12,9', 1290", "13, 1300", "0, 0", " 7.05 , 705"})
    void an_amount_is_read_as_people_type_it(String typed, long minor) {
        assertThat(Money.read(typed, DOLLAR)).contains(new Money(DOLLAR, minor));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "free", "-1", "12.905", "1.2.3", "1234567890"})
    void what_is_no_amount_of_whole_coins_is_none(String typed) {
        assertThat(Money.read(typed, DOLLAR)).isEmpty();
    }

    @Test
    void a_currency_without_small_coins_has_none() {
        assertThat(Money.read("1200", YEN)).contains(new Money(YEN, 1200));
        assertThat(Money.read("1200.5", YEN)).isEmpty();
        assertThat(new Money(YEN, 1200)).hasToString("1200 JPY");
    }

    @Property
    void what_is_written_is_read_again(@ForAll @LongRange(min = 0, max = 99_999_999_999L) long minor) {
        assertThat(Money.read(new Money(DOLLAR, minor).plainAmount(), DOLLAR)).contains(new Money(DOLLAR, minor));
    }

    @Test
    void two_currencies_have_no_sum() {
        assertThatThrownBy(() -> new Money(DOLLAR, 1).plus(new Money(YEN, 1))).isInstanceOf(IllegalArgumentException.class);
        assertThat(new Money(DOLLAR, 1).plus(new Money(DOLLAR, 2))).isEqualTo(new Money(DOLLAR, 3));
    }

    /** 12.90 a yard: 5/8 yd are 8.0625, so 8.06; 3/8 yd 4.8375, so 4.84. A third of a yard of 0.50: 0.1666, so 0.17. */
    @Test
    void a_length_costs_its_share_of_a_yard_to_the_nearest_coin() {
        ClothPrice price = new ClothPrice(new Money(DOLLAR, 1290), LengthUnit.YARD);

        assertThat(price.of(Length.ofYards(5, 8))).isEqualTo(new Money(DOLLAR, 806));
        assertThat(price.of(Length.ofYards(3, 8))).isEqualTo(new Money(DOLLAR, 484));
        assertThat(new ClothPrice(new Money(DOLLAR, 50), LengthUnit.YARD).of(Length.ofInches(12))).isEqualTo(new Money(DOLLAR, 17));
        assertThat(new ClothPrice(new Money(DOLLAR, 2000), LengthUnit.METRE).of(Length.ofMillimetres(250)))
                .isEqualTo(new Money(DOLLAR, 500));
    }
}
