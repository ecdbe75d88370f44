package retazo.app.stock.goods;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.FabricService;
import retazo.app.shared.Outcome;
import retazo.app.stock.Bolt;
import retazo.app.stock.Entries;
import retazo.app.stock.Entry;
import retazo.app.stock.Reason;
import retazo.app.stock.StockService;
import retazo.core.cloth.PrecutKind;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/** Cuts quarters and eighths off a bolt onto the shelf, two to a length, as one entry of the book. */
@Service
public class QuarterCuts {

    private final Entries entries;
    private final StockService stock;
    private final GoodService goods;
    private final FabricService fabrics;

    QuarterCuts(Entries entries, StockService stock, GoodService goods, FabricService fabrics) {
        this.entries = entries;
        this.stock = stock;
        this.goods = goods;
        this.fabrics = fabrics;
    }

    /**
     * Cuts so many; of an odd number the last one's other half comes onto the shelf too. Refused where less than their length is free.
     *
     * @param kind  quarters or eighths
     * @param count 1 or more
     */
    @Transactional
    public Outcome<Good> cut(long boltId, PrecutKind kind, int count, Entry entry) {
        return entries.once(entry, "quarters " + boltId + " " + kind + " " + count, within -> cutOff(boltId, kind, count, within))
                .match(good -> Outcome.done(goods.good(good)), Outcome::refused);
    }

    private Outcome<Long> cutOff(long boltId, PrecutKind kind, int count, Entry entry) {
        Bolt bolt = stock.lockBolts(List.of(boltId)).get(0);
        Count pairs = new Count(count).inGroupsOf(new Count(2));
        Length length = kind.lengthFor(new Count(count));
        if (length.isLongerThan(bolt.free())) {
            return Outcome.refused(Problem.at("count", "quarters.not-free", length, bolt.code(), bolt.free()));
        }
        Good good = goods.quartersOf(fabrics.fabric(bolt.fabricId()), kind, bolt.usableWidth());
        return stock.take(boltId, length, Reason.SHOP_CUT, entry).match(
                taken -> {
                    goods.moveWith(good.id(), 2 * pairs.value(), Reason.SHOP_CUT, entry, 1);
                    return Outcome.done(good.id());
                },
                Outcome::refused);
    }
}
