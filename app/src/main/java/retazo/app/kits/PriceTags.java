package retazo.app.kits;

import static java.util.Objects.requireNonNull;

import java.util.Map;
import java.util.Optional;
import retazo.app.fabrics.Fabric;
import retazo.app.stock.goods.Good;
import retazo.core.cloth.UsualPrices;
import retazo.core.kit.BillCost;
import retazo.core.kit.BillOfMaterials;
import retazo.core.measure.Length;
import retazo.core.measure.Money;

/**
 * What things are sold for: by their own price, or by the usual one of their kind; empty where nobody said.
 *
 * @param usual the shop's usual prices
 */
public record PriceTags(UsualPrices usual) {

    /** A length of a fabric. */
    public Optional<Money> of(Fabric fabric, Length length) {
        return fabric.prices().price().or(usual::cloth).map(price -> price.of(length));
    }

    /** One unit of something counted. */
    public Optional<Money> of(Good good) {
        return good.prices().price()
                .or(() -> good.piece().map(piece -> Money.zero(usual.currency())))
                .or(() -> good.precut().flatMap(kind -> usual.ofBundle(kind, good.perUnit())));
    }

    /** One bag of a kit; empty also where the price of one thing in it is not known. */
    public Optional<Money> of(Kit kit, BillOfMaterials bill) {
        return ofBill(kit, bill).total();
    }

    BillCost ofBill(Kit kit, BillOfMaterials bill) {
        Map<String, Good> byCode = kit.goodsByCode();
        return BillCost.of(
                bill, code -> kit.fabric(code).prices().price().or(usual::cloth), code -> of(requireNonNull(byCode.get(code))));
    }
}
