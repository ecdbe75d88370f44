package retazo.app.buying;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.book.RunState;
import retazo.app.runs.progress.KitDemand;
import retazo.app.runs.progress.RunProgress;
import retazo.app.stock.KitShelf;
import retazo.app.wishes.Wishes;
import retazo.core.measure.Length;

/** What is wanted of which fabric: by runs that wait, by drafts, by customers. Reads what is open, no more. */
@Component
class ClothWants {

    private final WaitingRepository waiting;
    private final RunBook runs;
    private final RunProgress progress;
    private final Wishes wishes;
    private final KitDemand demand;
    private final KitShelf shelf;
    private final KitLengths bags;

    ClothWants(
            WaitingRepository waiting, RunBook runs, RunProgress progress, Wishes wishes, KitDemand demand, KitShelf shelf,
            KitLengths bags) {
        this.waiting = waiting;
        this.runs = runs;
        this.progress = progress;
        this.wishes = wishes;
        this.demand = demand;
        this.shelf = shelf;
        this.bags = bags;
    }

    /** Bags of a kit that somebody wants. */
    private record Asked(Want.Kind kind, long of, long kitId, int bags) {
    }

    /** By fabric, in the order of who comes first; fabrics that nobody wants are absent. */
    @Transactional(readOnly = true)
    public Map<Long, List<Want>> byFabric() {
        Map<Long, List<Want>> wants = new HashMap<>();
        waiting.waiting().forEach(one -> wants.computeIfAbsent(one.getFabricId(), fabric -> new ArrayList<>()).add(new Want(
                Want.Kind.WAITS, one.getRunId(), 0, new Length(one.getTicks()), new Length(one.getLongest()))));
        List<Asked> asked = asked();
        Map<Long, Map<Long, Length>> bagsOf = bags.of(asked.stream().map(Asked::kitId).collect(Collectors.toSet()));
        asked.forEach(one -> bagsOf.getOrDefault(one.kitId(), Map.of()).forEach((fabric, length) -> add(
                new Want(one.kind(), one.of(), one.bags(), length.times(one.bags()), length),
                wants.computeIfAbsent(fabric, id -> new ArrayList<>()))));
        return wants;
    }

    /** All that one of them wants of a fabric is one want. */
    private static void add(Want want, List<Want> wants) {
        for (int i = 0; i < wants.size(); i++) {
            if (wants.get(i).isOfSame(want)) {
                wants.set(i, wants.get(i).and(want));
                return;
            }
        }
        wants.add(want);
    }

    private List<Asked> asked() {
        List<Run> open = runs.open();
        Map<Long, List<Run.Asked>> notPlanned = progress.open(open.stream().map(Run::id).toList());
        List<Run> drafts = runs.in(List.of(RunState.DRAFT));
        Stream<Asked> ofRuns = open.stream().flatMap(run -> notPlanned.getOrDefault(run.id(), List.of()).stream()
                .map(line -> new Asked(Want.Kind.OPEN, run.id(), line.kitId(), line.quantity())));
        Stream<Asked> ofDrafts = drafts.stream().flatMap(run -> run.asked().stream()
                .map(line -> new Asked(Want.Kind.DRAFT, run.id(), line.kitId(), line.quantity())));
        return Stream.concat(Stream.concat(ofRuns, ofDrafts), ofCustomers(drafts)).filter(one -> one.bags() > 0).toList();
    }

    /** What customers asked for and neither the shelf, nor runs, nor drafts have. */
    private Stream<Asked> ofCustomers(List<Run> drafts) {
        Set<Long> kits = wishes.kits();
        Map<Long, KitDemand.Demand> demands = demand.of(kits);
        Map<Long, KitShelf.KitCount> there = shelf.counts(kits);
        Map<Long, Integer> drafted = drafts.stream().flatMap(run -> run.asked().stream())
                .collect(Collectors.toMap(Run.Asked::kitId, Run.Asked::quantity, Integer::sum));
        return kits.stream().map(kit -> {
            KitDemand.Demand one = demands.getOrDefault(kit, KitDemand.Demand.NONE);
            long onShelf = Optional.ofNullable(there.get(kit)).map(KitShelf.KitCount::onHand).orElse(0L);
            return new Asked(Want.Kind.ASKED, kit, kit, (int) one.wishedBeyond(drafted.getOrDefault(kit, 0) + onShelf));
        });
    }
}
