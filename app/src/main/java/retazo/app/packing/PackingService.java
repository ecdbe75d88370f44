package retazo.app.packing;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.interceptor.TransactionAspectSupport;
import retazo.app.practice.BagClosing;
import retazo.app.practice.PracticeService;
import retazo.app.runs.RunService;
import retazo.app.runs.book.Bag;
import retazo.app.runs.packets.BagPacket;
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

    private final BagContentsBook contents;
    private final BagTicks ticks;
    private final GoodService goods;
    private final RunService runs;
    private final KitShelf shelf;
    private final BagLacks lacks;
    private final PracticeService practice;

    PackingService(BagContentsBook contents, BagTicks ticks, BagLacks lacks, GoodService goods, RunService runs, KitShelf shelf,
            PracticeService practice) {
        this.contents = contents;
        this.ticks = ticks;
        this.goods = goods;
        this.runs = runs;
        this.shelf = shelf;
        this.lacks = lacks;
        this.practice = practice;
    }

    /** Ticks something of a bag with all that belongs there. */
    @Transactional
    public Outcome<Long> tick(long bagId, BagItem item, long personId) {
        return tick(bagId, item, Optional.empty(), personId);
    }

    /**
     * Ticks something of a bag, once it is cut; ticked twice, it is ticked once.
     *
     * @param counted how many pieces or packets were counted; empty for as many as belong there
     */
    @Transactional
    public Outcome<Long> tick(long bagId, BagItem item, Optional<Integer> counted, long personId) {
        BagContents bag = locked(bagId);
        Optional<Problem> refused = refused(bag, item);
        if (refused.isPresent()) {
            return Outcome.refused(refused.get());
        }
        ticks.add(bag, item, item.kind() == BagItem.Kind.PACKET ? counted.or(() -> Optional.of(bag.toCount(item))) : Optional.empty(),
                personId);
        return Outcome.done(bagId);
    }

    /** Takes a tick away while the bag is open. */
    @Transactional
    public Outcome<Long> untick(long bagId, BagItem item) {
        BagContents bag = locked(bagId);
        if (!bag.bag().isOpen()) {
            return Outcome.refused(Problem.of("pack.not-open", bag.bag().number()));
        }
        ticks.remove(bag, item);
        return Outcome.done(bagId);
    }

    /** A length is put in once it is cut, packets once all their pieces are; what is picked lies on the shelf. */
    private static Optional<Problem> refused(BagContents contents, BagItem item) {
        Bag bag = contents.bag();
        if (!bag.isOpen()) {
            return Optional.of(Problem.of("pack.not-open", bag.number()));
        }
        return switch (item.kind()) {
            case LINE -> {
                Bag.ClothLine line = line(bag, item.id());
                yield line.isCut() ? Optional.empty() : Optional.of(Problem.of("pack.not-cut", line.letters()));
            }
            case PICK -> {
                pick(bag, item.id());
                yield Optional.empty();
            }
            case PACKET -> {
                BagPacket packet = contents.packet(item.id()).orElseThrow(() -> new NotFoundException("packet of the bag", item.id()));
                yield contents.isCut(packet) ? Optional.empty() : Optional.of(Problem.of("pack.pieces-not-cut", packet.position()));
            }
        };
    }

    /** Closes a bag whose every line is cut and ticked, and puts it on the shelf; done twice, it is there once. */
    @Transactional
    public Outcome<Long> done(long bagId, long personId) {
        BagContents contents = locked(bagId);
        Bag bag = contents.bag();
        if (bag.packed()) {
            return Outcome.done(bagId);
        }
        if (bag.leftOut()) {
            return Outcome.refused(Problem.of("pack.not-open", bag.number()));
        }
        List<String> missing = lacks.of(contents);
        if (!missing.isEmpty()) {
            return Outcome.refused(Problem.of("pack.missing", String.join(", ", missing)));
        }
        if (practice.bagClosing() == BagClosing.SOMEBODY_ELSE && ticks.packers(contents).contains(personId)) {
            return Outcome.refused(Problem.of("pack.second-look", bag.number()));
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

    /** The bag as it is once nobody else is at its run. */
    private BagContents locked(long bagId) {
        runs.lockForCutting(contents.runOf(bagId));
        return contents.of(bagId);
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
