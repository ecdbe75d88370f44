package retazo.app.runs.plan;

import static java.util.Objects.requireNonNull;

import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.runs.book.BagLineEntity;
import retazo.app.runs.book.PlannedCutEntity;
import retazo.app.runs.book.RunEntity;
import retazo.app.runs.book.WantedCut;
import retazo.app.runs.changes.Cause;
import retazo.app.runs.changes.ChangeBook;
import retazo.app.runs.changes.Happened;
import retazo.app.runs.changes.RunChange;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.core.bolt.promise.Allotment;
import retazo.core.bolt.promise.AllotmentRequest;
import retazo.core.bolt.promise.Allotter;
import retazo.core.bolt.promise.ClothNeed;

/**
 * Plans again what was promised of the fabrics in question, over all runs that cut them: only what lost its cloth moves, and where there is
 * not enough, those lose who come last.
 */
@Component
public class PlanAgain {

    private final PromisesBook promises;
    private final RunPlanning planning;
    private final StockService stock;
    private final ChangeBook changes;
    private final Clock clock;

    PlanAgain(PromisesBook promises, RunPlanning planning, StockService stock, ChangeBook changes, Clock clock) {
        this.promises = promises;
        this.planning = planning;
        this.stock = stock;
        this.changes = changes;
        this.clock = clock;
    }

    /** What a plan comes from, and what becomes of it. */
    public static final class Again {

        private final Set<Long> runIds;
        private final Set<Long> fabrics;
        private final AllotmentRequest request;
        private final Allotment allotment;

        private Again(Set<Long> runIds, Set<Long> fabrics, AllotmentRequest request) {
            this.runIds = new TreeSet<>(runIds);
            this.fabrics = fabrics;
            this.request = request;
            this.allotment = Allotter.of(request);
        }

        /** The runs that it is about, in the order in which they are locked. */
        public Set<Long> runIds() {
            return runIds;
        }

        /** The fabrics of bags that had their cloth and would wait for it, by the id of the bag. */
        public Map<Long, Set<Long>> losses() {
            Set<ClothNeed> kept = request.held().stream().flatMap(cut -> cut.needs().stream()).collect(Collectors.toSet());
            return byBag(allotment.waiting().stream().filter(kept::contains));
        }

        /** The fabrics for which bags of a run would wait that nobody told to wait yet, by the id of the bag. */
        public Map<Long, Set<Long>> newlyWaiting(long runId) {
            return byBag(allotment.waiting().stream().filter(need -> need.mayTake() && need.precedence().run() == runId));
        }

        private static Map<Long, Set<Long>> byBag(Stream<ClothNeed> needs) {
            return needs.collect(Collectors.groupingBy(
                    need -> Long.parseLong(need.bag()), Collectors.mapping(need -> Long.parseLong(need.fabricCode()), Collectors.toSet())));
        }
    }

    /** Works out how what is not cut of a run, and of others that cut the same cloth, is planned again; nothing is locked. */
    @Transactional(readOnly = true)
    public Again look(long runId) {
        Set<Long> fabrics = promises.inQuestion(runId);
        Promises seen = promises.of(fabrics, runId);
        return new Again(seen.runIds(), fabrics, seen.request(promises.shop()));
    }

    /**
     * Plans as that was worked out; false where bags or bolts are not so any more, and nothing is done then.
     *
     * @param runs all that it is about, locked
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public boolean keep(Again again, long runId, Map<Long, RunEntity> runs, Happened happened) {
        stock.lockBolts(promises.boltIds(again.fabrics));
        Promises now = promises.of(again.fabrics, runId);
        if (!now.request(promises.shop()).equals(again.request)) {
            return false;
        }
        Map<Long, Optional<Long>> before = boltsBefore(now, again.allotment);
        List<BagLineEntity> newlyWaiting = again.allotment.waiting().stream()
                .filter(ClothNeed::mayTake).map(need -> line(now, need.id())).toList();
        for (long id : again.runIds) {
            keepOf(requireNonNull(runs.get(id)), now, again.allotment, before, newlyWaiting, happened);
        }
        return true;
    }

    private static BagLineEntity line(Promises promises, String id) {
        return promises.lines().stream().filter(line -> line.id() == Long.parseLong(id)).findFirst().orElseThrow();
    }

    /** The bolt that each line of a cut that is let go had. */
    private static Map<Long, Optional<Long>> boltsBefore(Promises now, Allotment allotment) {
        Map<Long, Optional<Long>> before = new HashMap<>();
        now.planned().stream().filter(cut -> allotment.letGo().contains(Long.toString(cut.id())))
                .forEach(cut -> cut.lines().forEach(line -> before.put(line.id(), Optional.of(cut.boltId()))));
        return before;
    }

    private void keepOf(
            RunEntity run, Promises now, Allotment allotment, Map<Long, Optional<Long>> before, List<BagLineEntity> newlyWaiting,
            Happened happened) {
        List<PlannedCutEntity> gone = now.planned().stream()
                .filter(cut -> cut.runId() == run.id() && allotment.letGo().contains(Long.toString(cut.id()))).toList();
        List<WantedCut> wanted = now.lines().stream()
                .filter(line -> line.bag().runId() == run.id() && allotment.placed().containsKey(Long.toString(line.id())))
                .map(line -> WantedCut.of(line, Bolt.idOf(requireNonNull(allotment.placed().get(Long.toString(line.id()))))))
                .toList();
        List<BagLineEntity> waiting = newlyWaiting.stream().filter(line -> line.bag().runId() == run.id()).toList();
        if (gone.isEmpty() && wanted.isEmpty() && waiting.isEmpty()) {
            return;
        }
        planning.supersede(gone, run.planVersion());
        int version = run.nextPlan();
        if (!wanted.isEmpty()) {
            planning.keep(wanted, version);
        }
        List<RunChange.Line> lines = new ArrayList<>();
        wanted.forEach(cut -> cut.lines().forEach(line -> lines.add(new RunChange.Line(
                line.id(), before.getOrDefault(line.id(), Optional.empty()), Optional.of(cut.boltId())))));
        waiting.forEach(line -> lines.add(
                new RunChange.Line(line.id(), before.getOrDefault(line.id(), Optional.empty()), Optional.empty())));
        lines.removeIf(line -> line.from().isPresent() && line.from().equals(line.to()));
        if (happened.equals(Happened.by(run.id(), Cause.RUN_TOOK))) {
            // Whoever pressed for these knows; only what else became of the run is news.
            lines.removeIf(line -> line.from().isEmpty() && now.mayTake().contains(line.bagLineId()));
        }
        if (!lines.isEmpty()) {
            keepNews(run.id(), version, lines, now, happened);
        }
    }

    /** What happened to a bolt moves cuts of its fabric alone; what else moved had another reason, and is told without one. */
    private void keepNews(long runId, int version, List<RunChange.Line> lines, Promises now, Happened happened) {
        Optional<Long> fabric = happened.boltId().map(id -> stock.bolt(id).fabricId());
        Map<Boolean, List<RunChange.Line>> byReason = lines.stream().collect(Collectors.partitioningBy(
                line -> fabric.map(id -> line(now, Long.toString(line.bagLineId())).fabricId() == id).orElse(true)));
        byReason.forEach((isOfIt, these) -> {
            if (!these.isEmpty()) {
                changes.keep(RunChange.of(runId, clock.instant(), isOfIt ? happened : Happened.ASKED, version, these));
            }
        });
    }
}
