package retazo.app.runs;

import static java.util.Objects.requireNonNull;

import org.springframework.stereotype.Component;

import retazo.app.kits.Kit;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.BagPickEntity;
import retazo.app.runs.book.BagPickRepository;
import retazo.app.stock.goods.GoodService;
import retazo.core.kit.BillLine;

/** Keeps what is picked for the bags of a run, and reserves it. */
@Component
class BagPicks {

    private final BagPickRepository picks;
    private final GoodService goods;

    BagPicks(BagPickRepository picks, GoodService goods) {
        this.picks = picks;
        this.goods = goods;
    }

    void keep(long bagId, int position, Kit kit, BillLine.Picked picked) {
        long goodId = requireNonNull(kit.goodsByCode().get(picked.code())).id();
        Bag.Pick pick = picks.saveAndFlush(BagPickEntity.of(bagId, position, goodId, picked)).toPick();
        goods.reserve(goodId, pick.count(), pick.owner());
    }
}
