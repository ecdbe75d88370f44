package retazo.app.runs;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.runs.book.BagEntity;
import retazo.app.runs.book.BagRepository;
import retazo.app.runs.book.RunEntity;
import retazo.app.runs.book.RunRepository;
import retazo.app.runs.book.RunState;
import retazo.app.shared.Outcome;
import retazo.app.stock.Entries;
import retazo.app.stock.Entry;
import retazo.app.stock.KitShelf;
import retazo.app.stock.Reason;
import retazo.core.measure.Problem;

/**
 * Packed bags that come into the book as they stand: from before the shop kept one here, or found. Each gets its number, so that it is
 * sold, put aside and counted like any other; what is in it is known to its kit alone.
 */
@Service
public class FoundBags {

    private final RunRepository runs;
    private final BagRepository bags;
    private final KitShelf shelf;
    private final Entries entries;
    private final Clock clock;

    FoundBags(RunRepository runs, BagRepository bags, KitShelf shelf, Entries entries, Clock clock) {
        this.runs = runs;
        this.bags = bags;
        this.shelf = shelf;
        this.entries = entries;
        this.clock = clock;
    }

    /**
     * Puts bags on the shelf.
     *
     * @param counts how many of each kit, one or more
     * @return the id of the first bag
     */
    @Transactional
    public Outcome<Long> add(SortedMap<Long, Integer> counts, Entry entry) {
        return entries.once(entry, "found " + counts, within -> {
            List<BagEntity> found = new ArrayList<>();
            int step = 0;
            for (Map.Entry<Long, Integer> kit : counts.entrySet()) {
                RunEntity run = runs.saveAndFlush(RunEntity.found(within.personId(), clock.instant()));
                for (int number = 1; number <= kit.getValue(); number++) {
                    found.add(BagEntity.found(run.id(), number, kit.getKey(), within.personId(), within.clientId(), clock.instant()));
                }
                shelf.moveWith(kit.getKey(), kit.getValue(), Reason.RECEIVED, within, step++);
            }
            return Outcome.done(bags.saveAllAndFlush(found).get(0).id());
        });
    }

    /** How many bags came with an entry; 0 for one that brought none. */
    @Transactional(readOnly = true)
    public int count(UUID entry) {
        return bags.countByFoundEntry(entry);
    }

    /** Takes back all bags of such an entry, or none: refused, naming the first, where one is sold, put aside or not there. */
    @Transactional
    public Outcome<Long> takeBack(UUID wrong, Entry entry) {
        return entries.once(entry, "found never " + wrong, within -> {
            List<BagEntity> found = bags.lockFound(wrong);
            Optional<BagEntity> gone = found.stream().filter(bag -> !bag.isOnTheShelf() || bag.aside().isPresent()).findFirst();
            if (gone.isPresent()) {
                return Outcome.refused(Problem.of("shelf.not-free", gone.get().code()));
            }
            found.forEach(BagEntity::neverWas);
            bags.flush();
            found.stream().map(BagEntity::runId).distinct().forEach(run -> runs.findById(run).orElseThrow().become(RunState.CANCELLED));
            shelf.reverse(wrong, within);
            return Outcome.done((long) found.size());
        });
    }
}
