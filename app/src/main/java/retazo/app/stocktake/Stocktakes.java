package retazo.app.stocktake;

import static java.util.Objects.requireNonNull;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.stock.Bolt;
import retazo.app.stock.Entries;
import retazo.app.stock.Entry;
import retazo.app.stock.Reason;
import retazo.app.stock.StockService;
import retazo.app.stock.changes.BoltChanges;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.app.stocktake.StocktakeEntity.State;
import retazo.core.measure.Problem;

/**
 * Counts, and books what differs. A count is held against the book of its own moment, so that what is cut or received afterwards stays as
 * it is: only the difference is booked.
 */
@Service
public class Stocktakes {

    private final StocktakeRepository takes;
    private final CountLineRepository lines;
    private final StockService stock;
    private final BoltChanges changes;
    private final GoodService goods;
    private final Entries entries;
    private final Notes notes;

    Stocktakes(
            StocktakeRepository takes, CountLineRepository lines, StockService stock, BoltChanges changes, GoodService goods,
            Entries entries, Notes notes) {
        this.takes = takes;
        this.lines = lines;
        this.stock = stock;
        this.changes = changes;
        this.goods = goods;
        this.entries = entries;
        this.notes = notes;
    }

    /** A count as it is sent: {@code seen} is what the form showed as counted before, empty for nothing. */
    record Count(long itemId, Amount there, String place, String seen) {
    }

    /** Begins one; some place, or what is counted without a place, has to be in it. */
    @Transactional
    Outcome<Long> begin(Collection<String> places, boolean withGoods, boolean blind, long personId) {
        return places.isEmpty() && !withGoods
                ? Outcome.refused(Problem.at("places", "stocktake.nothing"))
                : Outcome.done(takes.saveAndFlush(StocktakeEntity.of(places, withGoods, blind, personId, notes.now())).id());
    }

    @Transactional(readOnly = true)
    StocktakeEntity take(long id) {
        return takes.findById(id).orElseThrow(() -> new NotFoundException("stocktake", id));
    }

    /** Keeps what is there of a bolt. */
    @Transactional
    Outcome<Long> countBolt(long takeId, Count count, long personId) {
        return count(takeId, count, personId, () -> {
            Bolt bolt = stock.lockBolts(List.of(count.itemId())).get(0);
            return new CountLineEntity.Book(Amount.of(bolt.onHand()), bolt.place());
        });
    }

    /** Keeps how many there are of something counted. */
    @Transactional
    Outcome<Long> countGood(long takeId, long goodId, Count count, long personId) {
        share(takeId);
        GoodService.GoodCount there = requireNonNull(goods.lock(List.of(goodId)).get(goodId));
        return count(
                takeId, new Count(there.itemId(), count.there(), "", count.seen()), personId,
                () -> new CountLineEntity.Book(Amount.of(there.onHand()), ""));
    }

    /** The same count sent twice stays held against the book of the first time: what went since is not counted again. */
    private Outcome<Long> count(long takeId, Count count, long personId, Supplier<CountLineEntity.Book> book) {
        if (!share(takeId).isOpen()) {
            return Outcome.refused(Problem.of("stocktake.over"));
        }
        CountLineEntity.Book now = book.get();
        CountLineEntity line = lines.findByStocktakeIdAndItemId(takeId, count.itemId())
                .orElseGet(() -> CountLineEntity.of(takeId, count.itemId()));
        boolean unseen = line.isKept() && !count.seen().equals(mark(Optional.of(line)));
        if (unseen && line.counted().equals(count.there())) {
            return Outcome.done(line.itemId());
        }
        if (unseen) {
            return Outcome.refused(Problem.of("stocktake.counted-meanwhile", notes.who(line), notes.said(line.counted())));
        }
        line.counted(count.place(), count.there(), now, personId, notes.now());
        return Outcome.done(lines.saveAndFlush(line).itemId());
    }

    private StocktakeEntity share(long takeId) {
        return takes.share(takeId).orElseThrow(() -> new NotFoundException("stocktake", takeId));
    }

    /** What a form shows as counted before, so that nobody overwrites a count that they did not see. */
    static String mark(Optional<CountLineEntity> line) {
        return line.map(one -> one.counted().length().ticks() + "/" + one.counted().pieces() + "/" + one.at().toEpochMilli())
                .orElse("");
    }

    /** Throws it away; nothing of it is booked. */
    @Transactional
    Outcome<Long> end(long takeId, long personId) {
        StocktakeEntity take = takes.lock(takeId).orElseThrow(() -> new NotFoundException("stocktake", takeId));
        if (!take.isOpen()) {
            return Outcome.refused(Problem.of("stocktake.over"));
        }
        take.end(State.ENDED, personId, notes.now());
        return Outcome.done(takes.saveAndFlush(take).id());
    }

    /**
     * Books all differences as corrections and moves what stands elsewhere, whole or not at all: refused where more was cut since than was
     * counted.
     *
     * @return how many differences were booked
     */
    @Transactional
    Outcome<Long> book(long takeId, long personId) {
        StocktakeEntity take = takes.lock(takeId).orElseThrow(() -> new NotFoundException("stocktake", takeId));
        Entry entry = Entry.of(personId, take.entryId()).noted(notes.note(takeId));
        if (!take.isOpen()) {
            return Outcome.refused(Problem.of("stocktake.over"));
        }
        return entries.once(entry, "stocktake " + takeId, within -> {
            List<CountLineEntity> all = lines.all(takeId);
            Things things = things(all);
            List<Problem> tooShort = all.stream()
                    .filter(line -> things.onHand(line.itemId()).plus(line.difference()).isNegative())
                    .map(line -> Problem.of("stocktake.cut-since", things.name(line.itemId()), notes.said(line.counted()))).toList();
            if (!tooShort.isEmpty()) {
                return Outcome.refused(tooShort);
            }
            take.end(State.BOOKED, personId, notes.now());
            takes.saveAndFlush(take);
            return Outcome.done(bookAll(all, things, entry));
        });
    }

    /** What was counted, locked and as it is now. */
    private record Things(Map<Long, Bolt> bolts, Map<Long, Good> goods, Map<Long, GoodService.GoodCount> counts) {

        Amount onHand(long itemId) {
            Good good = goods.get(itemId);
            return good == null
                    ? Amount.of(requireNonNull(bolts.get(itemId)).onHand())
                    : Amount.of(requireNonNull(counts.get(good.id())).onHand());
        }

        String name(long itemId) {
            Good good = goods.get(itemId);
            return good == null ? requireNonNull(bolts.get(itemId)).code() : good.name();
        }
    }

    private Things things(List<CountLineEntity> all) {
        List<Long> ids = all.stream().map(CountLineEntity::itemId).toList();
        Map<Long, Good> byItem = goods.byItems(ids);
        Map<Long, Bolt> bolts = stock.lockBolts(ids.stream().filter(id -> !byItem.containsKey(id)).toList()).stream()
                .collect(Collectors.toMap(Bolt::id, Function.identity()));
        return new Things(bolts, byItem, goods.lock(byItem.values().stream().map(Good::id).toList()));
    }

    private long bookAll(List<CountLineEntity> all, Things things, Entry entry) {
        long booked = 0;
        int step = 1;
        for (CountLineEntity line : all) {
            Good good = things.goods().get(line.itemId());
            if (good == null) {
                Bolt bolt = requireNonNull(things.bolts().get(line.itemId()));
                stock.counted(bolt.id(), line.difference().length(), line.at(), entry.apart(step++));
                if (line.isElsewhere() && bolt.place().equals(line.bookPlace())) {
                    changes.move(bolt.id(), line.place(), entry.apart(step++));
                }
            } else if (line.difference().pieces() != 0) {
                goods.move(good.id(), line.difference().pieces(), Reason.CORRECTION, entry.apart(step++));
            }
            booked += line.difference().isZero() ? 0 : 1;
        }
        return booked;
    }
}
