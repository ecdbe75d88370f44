package retazo.app.counter;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import retazo.app.runs.BagShelf;
import retazo.app.stock.KitShelf;

/** What of kits is on the shelf, and put aside there. */
@Component
class KitsAtHand {

    private final KitShelf shelf;
    private final BagShelf bags;

    KitsAtHand(KitShelf shelf, BagShelf bags) {
        this.shelf = shelf;
        this.bags = bags;
    }

    /** Of some kits, by their ids. */
    record AtHand(
            Map<Long, KitShelf.KitCount> counts, Map<Long, Long> asideCounts, Map<Long, BagShelf.ShelfBag> oldest) {

        long aside(long kitId) {
            return asideCounts.getOrDefault(kitId, 0L);
        }

        /** On the shelf for anybody. */
        long free(long kitId) {
            long there = Optional.ofNullable(counts.get(kitId)).map(KitShelf.KitCount::onHand).orElse(0L);
            return Math.max(0, there - aside(kitId));
        }

        Optional<String> next(long kitId) {
            return Optional.ofNullable(oldest.get(kitId)).map(BagShelf.ShelfBag::code);
        }
    }

    AtHand of(List<Long> kitIds) {
        return new AtHand(shelf.counts(kitIds), bags.asideCounts(kitIds), bags.oldest(kitIds));
    }
}
