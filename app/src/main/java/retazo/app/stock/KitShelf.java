package retazo.app.stock;

import java.time.Clock;
import java.util.Collection;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.shared.Outcome;
import retazo.core.measure.Problem;

/** Packed kits on the shelf, counted in the movement book. */
@Service
public class KitShelf {

    private final StockItemRepository items;
    private final Entries entries;
    private final MovementBook book;
    private final MovementRepository movements;
    private final Clock clock;

    KitShelf(StockItemRepository items, Entries entries, MovementBook book, MovementRepository movements, Clock clock) {
        this.items = items;
        this.entries = entries;
        this.book = book;
        this.movements = movements;
        this.clock = clock;
    }

    /** Puts kits on the shelf or takes them off: a count above zero adds. */
    @Transactional
    public Outcome<Long> move(long kitId, long count, Reason reason, Entry entry) {
        return entries.once(entry, "kit " + kitId + " " + count + " " + reason,
                within -> book(kitId, count, reason, within, within.clientId()));
    }

    /** A further movement of an entry that is let through already. */
    @Transactional(propagation = Propagation.MANDATORY)
    public Outcome<Long> moveWith(long kitId, long count, Reason reason, Entry entry, int step) {
        return book(kitId, count, reason, entry, entry.clientIdOf(step));
    }

    /** Takes back all that an entry put on the shelf; whoever asks made sure that it is there. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void reverse(UUID wrong, Entry entry) {
        int step = 0;
        for (MovementEntity movement : movements.findByGroupIdOrderByIdAsc(wrong)) {
            book.lock(movement.stockItemId());
            book.write(MovementEntity.reversing(movement, entry, entry.clientIdOf(step++), clock.instant()));
        }
    }

    private Outcome<Long> book(long kitId, long count, Reason reason, Entry entry, UUID clientId) {
        items.addKit(kitId, "KIT-" + kitId, clock.instant());
        StockItemEntity item = items.findByKitId(kitId).orElseThrow();
        StockItemEntity shelf = book.lock(item.id());
        if (shelf.onHandCount() + count < 0) {
            return Outcome.refused(Problem.of("shelf.none-left"));
        }
        book.write(MovementEntity.pieces(item.id(), count, reason, entry, clientId, clock.instant()));
        return Outcome.done(book.fresh(shelf).onHandCount());
    }

    /** How many of these kits are on the shelf, by the kit's id; a kit that never was there is absent. */
    @Transactional(readOnly = true)
    public Map<Long, KitCount> counts(Collection<Long> kitIds) {
        return items.findByKitIdIn(kitIds).stream()
                .collect(Collectors.toMap(StockItemEntity::kitId, item -> new KitCount(item.id(), item.onHandCount())));
    }

    /** The kits that have these places in stock, by the place. */
    @Transactional(readOnly = true)
    public Map<Long, Long> kitsAt(Collection<Long> stockItemIds) {
        return items.findAllById(stockItemIds).stream().filter(item -> !item.isBolt() && !item.isGood())
                .collect(Collectors.toMap(StockItemEntity::id, StockItemEntity::kitId));
    }

    /** A kit's place in stock and how many are there. */
    public record KitCount(long stockItemId, long onHand) {
    }
}
