package retazo.app.packing;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.interceptor.TransactionAspectSupport;
import retazo.app.runs.RunService;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.RunBook;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.stock.Entry;
import retazo.app.stock.KitShelf;
import retazo.app.stock.Reason;
import retazo.app.stock.goods.GoodService;
import retazo.core.measure.Problem;

/** Ticks the lines of a bag, and puts complete bags on the shelf. */
@Service
public class PackingService {

    private final BagTicks ticks;
    private final GoodService goods;
    private final RunService runs;
    private final RunBook book;
    private final KitShelf shelf;

    PackingService(BagTicks ticks, GoodService goods, RunService runs, RunBook book, KitShelf shelf) {
        this.ticks = ticks;
        this.goods = goods;
        this.runs = runs;
        this.book = book;
        this.shelf = shelf;
    }

    /** Ticks something of a bag, a length once it is cut; ticked twice, it is ticked once. */
    @Transactional
    public Outcome<Long> tick(long bagId, BagItem item, long personId) {
        Bag bag = locked(bagId);
        Optional<Problem> refused = refused(bag, item);
        if (refused.isPresent()) {
            return Outcome.refused(refused.get());
        }
        ticks.add(bag, item, personId);
        return Outcome.done(bagId);
    }

    /** Takes a tick away while the bag is open. */
    @Transactional
    public Outcome<Long> untick(long bagId, BagItem item) {
        Bag bag = locked(bagId);
        if (!bag.isOpen()) {
            return Outcome.refused(Problem.of("pack.not-open", bag.number()));
        }
        ticks.remove(bag, item);
        return Outcome.done(bagId);
    }

    private static Optional<Problem> refused(Bag bag, BagItem item) {
        boolean ready = isReady(bag, item);
        if (!bag.isOpen()) {
            return Optional.of(Problem.of("pack.not-open", bag.number()));
        }
        return ready ? Optional.empty() : Optional.of(Problem.of("pack.not-cut", line(bag, item.id()).letters()));
    }

    /** Whether it can be put in: a length is cut, what is picked lies on the shelf. */
    private static boolean isReady(Bag bag, BagItem item) {
        return switch (item.kind()) {
            case LINE -> line(bag, item.id()).isCut();
            case PICK -> pick(bag, item.id()).count() > 0;
        };
    }

    /** Closes a bag whose every line is cut and ticked, and puts it on the shelf; done twice, it is there once. */
    @Transactional
    public Outcome<Long> done(long bagId, long personId) {
        Bag bag = locked(bagId);
        if (bag.packed()) {
            return Outcome.done(bagId);
        }
        if (bag.leftOut()) {
            return Outcome.refused(Problem.of("pack.not-open", bag.number()));
        }
        List<String> missing = missing(bag);
        if (!missing.isEmpty()) {
            return Outcome.refused(Problem.of("pack.missing", String.join(", ", missing)));
        }
        // An id that nobody can guess.
        Entry entry = Entry.of(personId, UUID.randomUUID()).noted("run " + bag.runId() + ", bag " + bag.number());
        for (int i = 0; i < bag.picks().size(); i++) {
            Optional<List<Problem>> refused = take(bag.picks().get(i), entry, i + 1);
            if (refused.isPresent()) {
                TransactionAspectSupport.currentTransactionStatus().setRollbackOnly();
                return Outcome.refused(refused.get());
            }
        }
        return shelf.move(bag.kitId(), 1, Reason.PACKED, entry).match(
                onShelf -> {
                    runs.markPacked(bagId, entry);
                    return Outcome.done(bagId);
                },
                Outcome::refused);
    }

    /** Takes what was picked off the stock; the bag, which is locked and still open, lets that happen once. */
    private Optional<List<Problem>> take(Bag.Pick pick, Entry entry, int step) {
        return goods.moveWith(pick.goodId(), -pick.count(), Reason.PICKED, entry, step).match(left -> Optional.empty(), Optional::of);
    }

    /** The letters of lines that are not cut or not ticked, and the names of what is not picked. */
    List<String> missing(Bag bag) {
        Set<BagItem> ticked = ticks.of(bag).keySet();
        return Stream.concat(
                bag.lines().stream().filter(line -> !line.isCut() || !ticked.contains(BagItem.line(line.id())))
                        .map(line -> line.letters().toString()),
                bag.picks().stream().filter(pick -> !ticked.contains(BagItem.pick(pick.id())))
                        .map(pick -> goods.good(pick.goodId()).name()))
                .toList();
    }

    /** The bag as it is once nobody else is at its run. */
    private Bag locked(long bagId) {
        runs.lockForCutting(book.bag(bagId).runId());
        return book.bag(bagId);
    }

    private static Bag.ClothLine line(Bag bag, long lineId) {
        return bag.lines().stream()
                .filter(line -> line.id() == lineId)
                .findFirst()
                .orElseThrow(() -> new NotFoundException("line of the bag", lineId));
    }

    private static Bag.Pick pick(Bag bag, long pickId) {
        return bag.picks().stream()
                .filter(pick -> pick.id() == pickId)
                .findFirst()
                .orElseThrow(() -> new NotFoundException("pick of the bag", pickId));
    }
}
