package retazo.app.sales;

import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitWorks;
import retazo.app.kits.possible.PossibleKits;
import retazo.app.stock.goods.GoodService;
import retazo.core.measure.Length;
import retazo.core.measure.Money;

/** What things are sold for now; empty where nobody said. */
@Component
@Transactional(readOnly = true)
class SalePrices {

    private final KitWorks works;
    private final PossibleKits possible;
    private final KitBook kits;
    private final FabricService fabrics;
    private final GoodService goods;

    SalePrices(KitWorks works, PossibleKits possible, KitBook kits, FabricService fabrics, GoodService goods) {
        this.works = works;
        this.possible = possible;
        this.kits = kits;
        this.fabrics = fabrics;
        this.goods = goods;
    }

    Optional<Money> ofLength(long fabricId, Length length) {
        return works.priceTags().of(fabrics.fabric(fabricId), length);
    }

    Optional<Money> ofKit(long kitId) {
        Kit kit = kits.kit(kitId);
        return possible.oneBag(kit).flatMap(one -> works.priceTags().of(kit, one.bill()));
    }

    Optional<Money> ofGood(long goodId, long count) {
        return works.priceTags().of(goods.good(goodId)).map(each -> each.times(count));
    }
}
