package retazo.core.kit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import retazo.core.cloth.ClothPrice;
import retazo.core.measure.Money;

/**
 * What the lines of a bill come to.
 *
 * @param byCode  each line whose price is known
 * @param unknown codes of all other lines
 */
public record BillCost(Map<String, Money> byCode, List<String> unknown) {

    public BillCost {
        unknown = List.copyOf(unknown);
    }

    /**
     * @param cloth what a fabric costs, by its code
     * @param units what one of something picked costs, likewise
     */
    public static BillCost of(BillOfMaterials bill, Function<String, Optional<ClothPrice>> cloth, Function<String, Optional<Money>> units) {
        Map<String, Money> byCode = new LinkedHashMap<>();
        List<String> unknown = new ArrayList<>();
        for (BillLine line : bill.lines()) {
            String code = line.match(BillLine.Cut::fabricCode, BillLine.Picked::code);
            Optional<Money> costs = line.match(
                    cut -> cloth.apply(code).map(price -> price.of(cut.length())),
                    picked -> units.apply(code).map(each -> each.times(picked.count().value())));
            costs.ifPresentOrElse(money -> byCode.put(code, money), () -> unknown.add(code));
        }
        return new BillCost(byCode, unknown);
    }

    /** All lines together; empty where one is not known, or where they are of several currencies. */
    public Optional<Money> total() {
        boolean one = byCode.values().stream().map(Money::currency).distinct().count() == 1;
        return unknown.isEmpty() && one ? byCode.values().stream().reduce(Money::plus) : Optional.empty();
    }
}
