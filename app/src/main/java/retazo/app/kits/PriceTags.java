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
import retazo.core.price.Earning;
import retazo.core.price.KitPrice;
import retazo.core.price.Tax;

/**
 * What things are sold for: by their own price, or by the usual one of their kind; empty where nobody said.
 *
 * @param usual the shop's usual prices
 * @param tax   on what is sold
 */
public record PriceTags(UsualPrices usual, Tax tax) {

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

    /** One bag of a kit, by what its kit is priced by; empty also where the price of one thing in it is not known that this needs. */
    public Optional<Money> of(Kit kit, BillOfMaterials bill) {
        return kit.settings().price().orElse(new KitPrice.Parts())
                .of(ofBill(kit, bill).total(), costOf(kit, bill).total().map(tax::said), usual.stepOfKits());
    }

    /** What the shop keeps of one bag; empty where its price or what it costs is not known, or they are of two currencies. */
    public Optional<Earning> earning(Kit kit, BillOfMaterials bill) {
        Optional<Money> cost = costOf(kit, bill).total();
        return of(kit, bill).map(tax::net).flatMap(
                net -> cost.filter(one -> one.currency().equals(net.currency())).flatMap(one -> Earning.of(net, one)));
    }

    /** What a bill of a kit costs the shop; left-overs cost nothing any more. */
    BillCost costOf(Kit kit, BillOfMaterials bill) {
        Map<String, Good> byCode = kit.goodsByCode();
        return BillCost.of(
                bill, code -> kit.fabric(code).prices().cost(),
                code -> requireNonNull(byCode.get(code)).piece().isPresent()
                        ? Optional.of(Money.zero(usual.currency()))
                        : byCode.get(code).prices().cost());
    }

    BillCost ofBill(Kit kit, BillOfMaterials bill) {
        Map<String, Good> byCode = kit.goodsByCode();
        return BillCost.of(
                bill, code -> kit.fabric(code).prices().price().or(usual::cloth), code -> of(requireNonNull(byCode.get(code))));
    }
}
