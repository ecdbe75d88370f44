package retazo.core.kit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import retazo.core.cloth.ClothPrice;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Money;

class BillCostTest {

    private static final Currency EURO = Currency.getInstance("EUR");
    private static final BillOfMaterials BILL = new BillOfMaterials(List.of(
            new BillLine.Cut("REED", List.of("A"), Length.ofInches(40), Length.ofYards(5, 4), Length.ofInches(40), Optional.empty()),
            new BillLine.Picked("ROLL", List.of("B"), new Count(2))));

    /** 1 1/4 yd at 12.00 are 15.00, two rolls at 39.50 are 79.00: 94.00. */
    @Test
    void lengths_and_picked_things_are_added() {
        BillCost cost = BillCost.of(
                BILL, code -> Optional.of(new ClothPrice(new Money(EURO, 1200), LengthUnit.YARD)),
                code -> Optional.of(new Money(EURO, 3950)));

        assertThat(cost.byCode()).isEqualTo(Map.of("REED", new Money(EURO, 1500), "ROLL", new Money(EURO, 7900)));
        assertThat(cost.total()).contains(new Money(EURO, 9400));
    }

    @Test
    void a_line_without_a_price_leaves_no_total_and_is_named() {
        BillCost cost = BillCost.of(BILL, code -> Optional.of(new ClothPrice(new Money(EURO, 1200), LengthUnit.YARD)),
                code -> Optional.empty());

        assertThat(cost.total()).isEmpty();
        assertThat(cost.unknown()).containsExactly("ROLL");
    }

    @Test
    void two_currencies_leave_no_total() {
        BillCost cost = BillCost.of(
                BILL, code -> Optional.of(new ClothPrice(new Money(EURO, 1200), LengthUnit.YARD)),
                code -> Optional.of(new Money(Currency.getInstance("USD"), 100)));

        assertThat(cost.total()).isEmpty();
        assertThat(cost.unknown()).isEmpty();
    }
}
