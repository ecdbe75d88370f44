package retazo.app.packing;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.interceptor.TransactionAspectSupport;
import retazo.app.runs.RunService;
import retazo.app.runs.book.Bag;
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

    private final PackTickRepository ticks;
    private final PickTickRepository pickTicks;
    private final GoodService goods;
    private final RunService runs;
    private final KitShelf shelf;
    private final Clock clock;

    PackingService(PackTickRepository ticks, PickTickRepository pickTicks, GoodService goods, RunService runs, KitShelf shelf,
            Clock clock) {
        this.ticks = ticks;
        this.pickTicks = pickTicks;
        this.goods = goods;
        this.runs = runs;
        this.shelf = shelf;
        this.clock = clock;
    }

    /** Ticks a line that is cut; ticked twice, it is ticked once. */
    @Transactional
    public Outcome<Long> tick(long bagId, long lineId, long personId) {
        Bag bag = locked(bagId);
        Bag.Line line = line(bag, lineId);
        if (!bag.isOpen()) {
            return Outcome.refused(Problem.of("pack.not-open", bag.number()));
        }
        if (!line.isCut()) {
            return Outcome.refused(Problem.of("pack.not-cut", line.letters()));
        }
        if (!ticks.existsById(lineId)) {
            ticks.saveAndFlush(PackTickEntity.of(lineId, personId, clock.instant()));
        }
        return Outcome.done(bagId);
    }

    /** Ticks something picked; ticked twice, it is ticked once. */
    @Transactional
    public Outcome<Long> tickPick(long bagId, long pickId, long personId) {
        Bag bag = locked(bagId);
        Bag.Pick pick = pick(bag, pickId);
        if (!bag.isOpen()) {
            return Outcome.refused(Problem.of("pack.not-open", bag.number()));
        }
        if (!pickTicks.existsById(pick.id())) {
            pickTicks.saveAndFlush(PickTickEntity.of(pick.id(), personId, clock.instant()));
        }
        return Outcome.done(bagId);
    }

    /** Takes the tick of something picked away while the bag is open. */
    @Transactional
    public Outcome<Long> untickPick(long bagId, long pickId) {
        Bag bag = locked(bagId);
        pick(bag, pickId);
        if (!bag.isOpen()) {
            return Outcome.refused(Problem.of("pack.not-open", bag.number()));
        }
        pickTicks.deleteTick(pickId);
        return Outcome.done(bagId);
    }

    /** Takes a tick away while the bag is open. */
    @Transactional
    public Outcome<Long> untick(long bagId, long lineId) {
        Bag bag = locked(bagId);
        line(bag, lineId);
        if (!bag.isOpen()) {
            return Outcome.refused(Problem.of("pack.not-open", bag.number()));
        }
        ticks.deleteTick(lineId);
        return Outcome.done(bagId);
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
        UUID onceForThisBag = UUID.nameUUIDFromBytes(("bag/" + bagId).getBytes(StandardCharsets.UTF_8));
        Entry entry = new Entry(personId, onceForThisBag, "run " + bag.runId() + ", bag " + bag.number());
        for (Bag.Pick pick : bag.picks()) {
            Optional<List<Problem>> refused = take(pick, personId, entry.note());
            if (refused.isPresent()) {
                TransactionAspectSupport.currentTransactionStatus().setRollbackOnly();
                return Outcome.refused(refused.get());
            }
        }
        return shelf.move(bag.kitId(), 1, Reason.PACKED, entry).match(
                onShelf -> {
                    runs.markPacked(bagId, personId);
                    return Outcome.done(bagId);
                },
                Outcome::refused);
    }

    /** Takes what was picked off the stock, once for each pick. */
    private Optional<List<Problem>> take(Bag.Pick pick, long personId, String note) {
        UUID once = UUID.nameUUIDFromBytes(("pick/" + pick.id()).getBytes(StandardCharsets.UTF_8));
        return goods.move(pick.goodId(), -pick.count(), Reason.PICKED, new Entry(personId, once, note))
                .match(left -> Optional.empty(), Optional::of);
    }

    /** The letters of lines that are not cut or not ticked, and the names of what is not picked. */
    List<String> missing(Bag bag) {
        Set<Long> ticked = ticked(bag);
        Set<Long> picked = pickTicks.findByBagPickIdIn(bag.picks().stream().map(Bag.Pick::id).toList()).stream()
                .map(PickTickEntity::bagPickId)
                .collect(Collectors.toSet());
        return Stream.concat(
                bag.lines().stream().filter(line -> !line.isCut() || !ticked.contains(line.id())).map(Bag.Line::letters),
                bag.picks().stream().filter(pick -> !picked.contains(pick.id())).map(pick -> goods.good(pick.goodId()).name()))
                .toList();
    }

    private static Bag.Pick pick(Bag bag, long pickId) {
        return bag.picks().stream()
                .filter(pick -> pick.id() == pickId)
                .findFirst()
                .orElseThrow(() -> new NotFoundException("pick of the bag", pickId));
    }

    private Set<Long> ticked(Bag bag) {
        return ticks.findByBagLineIdIn(bag.lines().stream().map(Bag.Line::id).toList()).stream()
                .map(PackTickEntity::bagLineId)
                .collect(Collectors.toSet());
    }

    /** The bag as it is once nobody else is at its run. */
    private Bag locked(long bagId) {
        runs.lockForCutting(runs.bag(bagId).runId());
        return runs.bag(bagId);
    }

    private static Bag.Line line(Bag bag, long lineId) {
        return bag.lines().stream()
                .filter(line -> line.id() == lineId)
                .findFirst()
                .orElseThrow(() -> new NotFoundException("line of the bag", lineId));
    }
}
