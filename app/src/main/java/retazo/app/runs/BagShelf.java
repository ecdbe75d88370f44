package retazo.app.runs;

import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.BagEntity;
import retazo.app.runs.book.BagRepository;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.stock.Entries;
import retazo.app.stock.Entry;
import retazo.app.stock.KitShelf;
import retazo.app.stock.Reason;
import retazo.core.measure.Problem;

/** Packed bags on the shelf, each by its number: sold, brought back, and found again. */
@Service
public class BagShelf {

    private final BagRepository bags;
    private final KitShelf shelf;
    private final Entries entries;
    private final Clock clock;

    BagShelf(BagRepository bags, KitShelf shelf, Entries entries, Clock clock) {
        this.bags = bags;
        this.shelf = shelf;
        this.entries = entries;
        this.clock = clock;
    }

    /**
     * A bag that is packed.
     *
     * @param code   its number for good
     * @param number in its run
     * @param soldAt  absent while it is on the shelf
     * @param missing whether it went then without being sold
     * @param found   whether it was packed by nobody here: what is in it is known to its kit alone
     * @param aside   for whom it is put aside there
     */
    public record ShelfBag(
            long id, String code, long runId, int number, long kitId, Instant packedAt, Optional<Instant> soldAt, boolean missing,
            boolean found,
            Optional<BagEntity.Aside> aside) {

        public boolean isThere() {
            return soldAt.isEmpty();
        }
    }

    /** The bags of a kit on the shelf, those that are there longest first. */
    @Transactional(readOnly = true)
    public List<ShelfBag> there(long kitId, int most) {
        return bags.onTheShelf(kitId, PageRequest.of(0, most)).map(BagShelf::view).getContent();
    }

    /** The bags of a kit that were sold last, or could not be found. */
    @Transactional(readOnly = true)
    public List<ShelfBag> soldLast(long kitId, int most) {
        return bags.soldLast(kitId, PageRequest.of(0, most)).map(BagShelf::view).getContent();
    }

    /** The bags that are put aside, those that are to be fetched first before the others. */
    @Transactional(readOnly = true)
    public List<ShelfBag> aside(int most) {
        return bags.aside(PageRequest.of(0, most)).map(BagShelf::view).getContent();
    }

    /** How many bags of each kit are put aside; kits without are absent. */
    @Transactional(readOnly = true)
    public Map<Long, Long> asideCounts(Collection<Long> kitIds) {
        return bags.asideCounts(kitIds).stream()
                .collect(Collectors.toMap(BagRepository.AsideCount::getKitId, BagRepository.AsideCount::getBags));
    }

    /** Of each kit the bag that is on the shelf longest and not put aside; kits without are absent. */
    @Transactional(readOnly = true)
    public Map<Long, ShelfBag> oldest(Collection<Long> kitIds) {
        return bags.oldestOnTheShelf(kitIds.toArray(Long[]::new)).stream()
                .collect(Collectors.toMap(BagEntity::kitId, BagShelf::view));
    }

    /** The id of the bag of that number, packed or not, written in whatever case. */
    @Transactional(readOnly = true)
    public Optional<Long> named(String code) {
        return Bag.idOf(code).filter(bags::existsById);
    }

    /** A bag that is packed; empty for one that is not. */
    @Transactional(readOnly = true)
    public Optional<ShelfBag> packed(long bagId) {
        return bags.findById(bagId).filter(bag -> bag.state() == BagEntity.State.PACKED).map(BagShelf::view);
    }

    /** Sells a bag that is on the shelf and not put aside for somebody; sent twice it is sold once. */
    @Transactional
    public Outcome<Long> sell(long bagId, Entry entry) {
        return entries.once(entry, "sell bag " + bagId, within -> {
            BagEntity bag = locked(bagId);
            return bag.aside().<Outcome<Long>>map(aside -> Outcome.refused(Problem.of("shelf.is-aside", bag.code(), aside.name())))
                    .orElseGet(() -> sold(bag, within));
        });
    }

    /** Gives a bag to whom it is put aside for: sells it; refused where it is not for that name any more. */
    @Transactional
    public Outcome<Long> give(long bagId, String name, Entry entry) {
        return entries.once(entry, "give bag " + bagId + " " + name, within -> {
            BagEntity bag = locked(bagId);
            return isFor(bag, name) ? sold(bag, within) : Outcome.refused(Problem.of("shelf.not-aside", bag.code(), name));
        });
    }

    private static boolean isFor(BagEntity bag, String name) {
        return bag.aside().filter(aside -> aside.name().equals(name)).isPresent();
    }

    private Outcome<Long> sold(BagEntity bag, Entry entry) {
        return bag.isOnTheShelf()
                ? moved(bag, -1, Reason.KIT_SOLD, entry, () -> bag.sell(entry.personId(), clock.instant()))
                : Outcome.refused(Problem.of("shelf.not-there", bag.code()));
    }

    /** A bag that the book has on the shelf is not there: a correction of the count. One that is put aside is let go first. */
    @Transactional
    public Outcome<Long> missing(long bagId, Entry entry) {
        return entries.once(entry, "missing bag " + bagId, within -> {
            BagEntity bag = locked(bagId);
            if (bag.aside().isPresent()) {
                return Outcome.refused(Problem.of("shelf.is-aside", bag.code(), bag.aside().get().name()));
            }
            return bag.isOnTheShelf()
                    ? moved(bag, -1, Reason.CORRECTION, within, () -> bag.miss(within.personId(), clock.instant()))
                    : Outcome.refused(Problem.of("shelf.not-there", bag.code()));
        });
    }

    /** Puts a bag on the shelf aside for somebody; refused where it is for somebody else already. */
    @Transactional
    public Outcome<Long> putAside(long bagId, BagEntity.Aside aside, long personId) {
        BagEntity bag = locked(bagId);
        if (!bag.isOnTheShelf()) {
            return Outcome.refused(Problem.of("shelf.not-there", bag.code()));
        }
        Optional<BagEntity.Aside> before = bag.aside();
        if (before.isPresent() && !before.get().name().equals(aside.name())) {
            return Outcome.refused(Problem.of("shelf.is-aside", bag.code(), before.get().name()));
        }
        bag.putAside(aside, personId);
        bags.flush();
        return Outcome.done(bagId);
    }

    /** A bag that is put aside for somebody is there for anybody again; refused where it is not for that name any more. */
    @Transactional
    public Outcome<Long> letGo(long bagId, String name) {
        BagEntity bag = locked(bagId);
        if (!isFor(bag, name)) {
            return Outcome.refused(Problem.of("shelf.not-aside", bag.code(), name));
        }
        bag.letGo();
        bags.flush();
        return Outcome.done(bagId);
    }

    /** Takes a bag that was sold, or could not be found, back to the shelf. */
    @Transactional
    public Outcome<Long> takeBack(long bagId, Entry entry) {
        return entries.once(entry, "take back bag " + bagId, within -> {
            BagEntity bag = locked(bagId);
            return bag.soldAt().isPresent()
                    ? moved(bag, 1, bag.isMissing() ? Reason.CORRECTION : Reason.KIT_RETURNED, within, bag::comeBack)
                    : Outcome.refused(Problem.of("shelf.not-sold", bag.code()));
        });
    }

    private Outcome<Long> moved(BagEntity bag, int count, Reason reason, Entry entry, Runnable then) {
        return shelf.move(bag.kitId(), count, reason, entry.noted(bag.code())).match(left -> {
            then.run();
            return Outcome.done(bag.id());
        }, Outcome::refused);
    }

    private BagEntity locked(long bagId) {
        return bags.lock(bagId).orElseThrow(() -> new NotFoundException("bag", bagId));
    }

    private static ShelfBag view(BagEntity bag) {
        return new ShelfBag(
                bag.id(), bag.code(), bag.runId(), bag.number(), bag.kitId(), bag.packedAt().orElse(Instant.EPOCH), bag.soldAt(),
                bag.isMissing(), bag.isFound(), bag.aside());
    }
}
