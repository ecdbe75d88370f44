package retazo.app.sales;

import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitWorks;
import retazo.app.kits.possible.PossibleKits;
import retazo.app.orders.DeliveryBook;
import retazo.app.stock.Bolt;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.core.cloth.Prices;
import retazo.core.measure.Length;
import retazo.core.measure.Money;

/** What things are sold for now, and what they cost the shop; empty where nobody said. */
@Component
@Transactional(readOnly = true)
class SalePrices {

    private final KitWorks works;
    private final PossibleKits possible;
    private final KitBook kits;
    private final FabricService fabrics;
    private final GoodService goods;
    private final DeliveryBook deliveries;

    SalePrices(
            KitWorks works, PossibleKits possible, KitBook kits, FabricService fabrics, GoodService goods, DeliveryBook deliveries) {
        this.deliveries = deliveries;
        this.works = works;
        this.possible = possible;
        this.kits = kits;
        this.fabrics = fabrics;
        this.goods = goods;
    }

    /** It cost what its bolt cost, where that is known, else what its fabric does. */
    Prices<Money> ofLength(Bolt bolt, Length length) {
        Fabric fabric = fabrics.fabric(bolt.fabricId());
        return new Prices<>(
                works.priceTags().of(fabric, length),
                deliveries.costOf(bolt.id()).or(() -> fabric.prices().cost()).map(cost -> cost.of(length)));
    }

    Prices<Money> ofKit(long kitId) {
        Kit kit = kits.kit(kitId);
        Optional<PossibleKits.OneBag> one = possible.oneBag(kit);
        return new Prices<>(
                one.flatMap(bag -> works.priceTags().of(kit, bag.bill())), one.flatMap(bag -> works.cost(kit, bag.bill()).total()));
    }

    Prices<Money> ofGood(long goodId, long count) {
        Good good = goods.good(goodId);
        return new Prices<>(
                works.priceTags().of(good).map(each -> each.times(count)), good.prices().cost().map(each -> each.times(count)));
    }
}
