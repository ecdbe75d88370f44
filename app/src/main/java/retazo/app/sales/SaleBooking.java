package retazo.app.sales;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import retazo.app.runs.BagShelf;
import retazo.app.runs.book.RunBook;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.stock.Bolt;
import retazo.app.stock.Entry;
import retazo.app.stock.KitShelf;
import retazo.app.stock.Reason;
import retazo.app.stock.StockService;
import retazo.app.stock.goods.GoodService;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/** Books in stock what is sold, and says what it was with its price of now. */
@Component
class SaleBooking {

    private final StockService stock;
    private final GoodService goods;
    private final BagShelf shelf;
    private final KitShelf kits;
    private final RunBook runs;
    private final SalePrices prices;

    SaleBooking(StockService stock, GoodService goods, BagShelf shelf, KitShelf kits, RunBook runs, SalePrices prices) {
        this.stock = stock;
        this.goods = goods;
        this.shelf = shelf;
        this.kits = kits;
        this.runs = runs;
        this.prices = prices;
    }

    /** Cuts a length off a bolt; cloth that is reserved only where that is said. */
    Outcome<Sold> length(long boltId, Length length, boolean sellsReserved, Entry entry) {
        Bolt bolt = stock.lockBolts(List.of(boltId)).stream().findFirst().orElseThrow(() -> new NotFoundException("bolt", boltId));
        if (length.isLongerThan(bolt.free()) && !length.isLongerThan(bolt.onHand()) && !sellsReserved) {
            return Outcome.refused(Problem.at("length", "counter.reserved", bolt.free()));
        }
        return stock.take(boltId, length, Reason.SOLD_BY_LENGTH, entry).match(
                done -> Outcome.done(Sold.length(boltId, length, prices.ofLength(bolt, length))), Outcome::refused);
    }

    /** A bag off the shelf; one that is put aside only to whom it is for, by the name. */
    Outcome<Sold> bag(long bagId, Optional<String> name, Entry entry) {
        return name.map(one -> shelf.give(bagId, one, entry)).orElseGet(() -> shelf.sell(bagId, entry)).match(
                done -> {
                    long kit = runs.bag(bagId).kitId();
                    return Outcome.done(
                            Sold.bag(requireNonNull(kits.counts(List.of(kit)).get(kit)).stockItemId(), bagId, prices.ofKit(kit)));
                },
                Outcome::refused);
    }

    Outcome<Sold> count(long goodId, long count, Entry entry) {
        return goods.move(goodId, -count, Reason.SOLD_BY_COUNT, entry).match(
                left -> Outcome.done(Sold.count(
                        requireNonNull(goods.counts(List.of(goodId)).get(goodId)).itemId(), count, prices.ofGood(goodId, count))),
                Outcome::refused);
    }

    /** What was sold under an entry is in stock again. */
    Outcome<Long> takeBack(Sold sold, UUID soldBy, Entry entry) {
        return sold.bagId().map(bag -> shelf.takeBack(bag, entry)).orElseGet(() -> stock.reverse(soldBy, entry));
    }

    Outcome<Long> bagReturned(long bagId, Entry entry) {
        return shelf.takeBack(bagId, entry);
    }
}
