package retazo.app.packing;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.runs.Bag;
import retazo.app.runs.RunService;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.stock.Entry;
import retazo.app.stock.Reason;
import retazo.app.stock.KitShelf;
import retazo.core.measure.Problem;

/** Ticks the lines of a bag, and puts complete bags on the shelf. */
@Service
public class PackingService {

    private final PackTickRepository ticks;
    private final RunService runs;
    private final KitShelf shelf;
    private final Clock clock;

    PackingService(PackTickRepository ticks, RunService runs, KitShelf shelf, Clock clock) {
        this.ticks = ticks;
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
        List<Bag.Line> missing = missing(bag);
        if (!missing.isEmpty()) {
            return Outcome.refused(Problem.of(
                    "pack.missing", missing.stream().map(Bag.Line::letters).collect(Collectors.joining(", "))));
        }
        UUID onceForThisBag = UUID.nameUUIDFromBytes(("bag/" + bagId).getBytes(StandardCharsets.UTF_8));
        Entry entry = new Entry(personId, onceForThisBag, "run " + bag.runId() + ", bag " + bag.number());
        return shelf.move(bag.kitId(), 1, Reason.PACKED, entry).match(
                onShelf -> {
                    runs.markPacked(bagId, personId);
                    return Outcome.done(bagId);
                },
                Outcome::refused);
    }

    /** The lines that are not cut or not ticked. */
    List<Bag.Line> missing(Bag bag) {
        Set<Long> ticked = ticked(bag);
        return bag.lines().stream().filter(line -> !line.isCut() || !ticked.contains(line.id())).toList();
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
