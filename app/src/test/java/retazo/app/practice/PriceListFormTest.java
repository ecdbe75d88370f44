package retazo.app.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Currency;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import retazo.app.shared.FieldReader;
import retazo.core.cloth.ClothPrice;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.UsualPrices;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Money;
import retazo.core.measure.Percent;
import retazo.core.measure.Problem;
import retazo.core.price.Tax;

class PriceListFormTest {

    private static final Currency EURO = Currency.getInstance("EUR");

    private final FieldReader reader = new FieldReader();

    @Test
    void what_the_form_shows_is_read_back_the_same() {
        UsualPrices prices = new UsualPrices(
                EURO, Optional.of(new ClothPrice(new Money(EURO, 1890), LengthUnit.METRE)),
                Map.of(PrecutKind.FAT_QUARTER, new Money(EURO, 450)));

        assertThat(PriceListForm.of(prices, Tax.NONE).read(reader, LengthUnit.METRE)).contains(prices);
    }

    @Test
    void every_amount_that_cannot_be_read_is_told_at_its_field() {
        PriceListForm form = new PriceListForm("USD", Map.of("cloth", "cheap", "fat-eighth", "2.999", "squares-5", "13.95"), null, null);

        assertThat(form.read(reader, LengthUnit.YARD)).isEmpty();
        assertThat(reader.problems()).extracting(Problem::place).containsExactlyInAnyOrder("cloth", "fat-eighth");
    }

    @ParameterizedTest
    @CsvSource(nullValues = "-", value = {"19, -, 1900, true", "8.25, on, 825, false", "'7,5', -, 750, true", "'', on, 0, false"})
    void a_tax_is_a_percentage_in_prices_or_on_top(String rate, String onTop, int hundredths, boolean included) {
        PriceListForm form = new PriceListForm("USD", Map.of(), rate, onTop);

        assertThat(form.tax(reader)).contains(new Tax(new Percent(hundredths), included));
        assertThat(PriceListForm.of(UsualPrices.none(EURO), form.tax(reader).orElseThrow()).tax(reader)).isEqualTo(form.tax(reader));
    }

    @ParameterizedTest
    @ValueSource(strings = {"a lot", "-3", "100", "7.125"})
    void no_other_tax_is_taken(String rate) {
        assertThat(new PriceListForm("USD", Map.of(), rate, null).tax(reader)).isEmpty();
        assertThat(reader.problems()).extracting(Problem::place).containsExactly("taxRate");
    }

    @Test
    void a_currency_that_is_not_offered_is_refused() {
        assertThat(new PriceListForm("ZZZ", Map.of(), null, null).read(reader, LengthUnit.YARD)).isEmpty();
        assertThat(reader.problems()).extracting(Problem::place).containsExactly("currency");
    }

    /** 2 1/2 m at 18.90 are 47.25; three quarters at 4.50 are 13.50; nobody priced a roll. */
    @Test
    void usual_prices_answer_for_lengths_and_counts() {
        UsualPrices prices = new UsualPrices(
                EURO, Optional.of(new ClothPrice(new Money(EURO, 1890), LengthUnit.METRE)),
                Map.of(PrecutKind.FAT_QUARTER, new Money(EURO, 450)));

        assertThat(prices.of(Length.ofMillimetres(2500))).contains(new Money(EURO, 4725));
        assertThat(prices.of(PrecutKind.FAT_QUARTER, new Count(3))).contains(new Money(EURO, 1350));
        assertThat(prices.of(PrecutKind.STRIP_ROLL, Count.ONE)).isEmpty();
    }
}
