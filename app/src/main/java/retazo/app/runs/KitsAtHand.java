package retazo.app.runs;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import retazo.app.stock.KitShelf;

/** What of kits is on the shelf, and put aside there. */
@Component
public class KitsAtHand {

    private final KitShelf shelf;
    private final BagShelf bags;

    KitsAtHand(KitShelf shelf, BagShelf bags) {
        this.shelf = shelf;
        this.bags = bags;
    }

    /** Of some kits, by their ids. */
    public record AtHand(
            Map<Long, KitShelf.KitCount> counts, Map<Long, Long> asideCounts, Map<Long, BagShelf.ShelfBag> oldest) {

        public long aside(long kitId) {
            return asideCounts.getOrDefault(kitId, 0L);
        }

        /** On the shelf for anybody. */
        public long free(long kitId) {
            long there = Optional.ofNullable(counts.get(kitId)).map(KitShelf.KitCount::onHand).orElse(0L);
            return Math.max(0, there - aside(kitId));
        }

        public Optional<String> next(long kitId) {
            return Optional.ofNullable(oldest.get(kitId)).map(BagShelf.ShelfBag::code);
        }
    }

    public AtHand of(List<Long> kitIds) {
        return new AtHand(shelf.counts(kitIds), bags.asideCounts(kitIds), bags.oldest(kitIds));
    }
}
