package retazo.app.runs;

import java.time.Clock;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.event.TransactionalEventListener;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.BagEntity;
import retazo.app.runs.book.BagLeftOverEntity;
import retazo.app.runs.book.BagLeftOverRepository;
import retazo.app.runs.book.BagLineEntity;
import retazo.app.runs.book.BagLineRepository;
import retazo.app.runs.book.BagPickEntity;
import retazo.app.runs.book.BagPickRepository;
import retazo.app.runs.book.BagRepository;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.PlannedCutEntity;
import retazo.app.runs.book.PlannedCutRepository;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunEntity;
import retazo.app.runs.book.RunLineEntity;
import retazo.app.runs.book.RunLineRepository;
import retazo.app.runs.book.RunRepository;
import retazo.app.runs.book.RunState;
import retazo.app.runs.plan.RunPlanning;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.stock.ReservedClothTaken;
import retazo.app.stock.StockService;
import retazo.core.measure.Problem;

/** Keeps runs under way: what is cut and packed of them, planning again, and leaving out. */
@Service
public class RunService {

    private final RunRepository runs;
    private final RunLineRepository runLines;
    private final BagRepository bags;
    private final BagLineRepository bagLines;
    private final BagPickRepository picks;
    private final BagLeftOverRepository leftOvers;
    private final PlannedCutRepository cuts;
    private final RunPlanning planning;
    private final StockService stock;
    private final Clock clock;

    RunService(
            RunRepository runs, RunLineRepository runLines, BagRepository bags, BagLineRepository bagLines,
            BagPickRepository picks, BagLeftOverRepository leftOvers, PlannedCutRepository cuts, RunPlanning planning, StockService stock,
            Clock clock) {
        this.runs = runs;
        this.runLines = runLines;
        this.bags = bags;
        this.bagLines = bagLines;
        this.picks = picks;
        this.leftOvers = leftOvers;
        this.cuts = cuts;
        this.planning = planning;
        this.stock = stock;
        this.clock = clock;
    }

    /** All runs, newest first. */
    @Transactional(readOnly = true)
    public List<Run> all() {
        return toRuns(runs.findAllByOrderByIdDesc());
    }

    @Transactional(readOnly = true)
    public Run run(long id) {
        return toRuns(List.of(runs.findById(id).orElseThrow(() -> new NotFoundException("run", id)))).get(0);
    }

    /** The bags of runs with their lines and cuts, by run. */
    @Transactional(readOnly = true)
    public Map<Long, List<Bag>> bags(Set<Long> runIds) {
        Map<Long, PlannedCut> cutOfLine = cuts.current(runIds).stream()
                .map(PlannedCutEntity::toPlannedCut)
                .flatMap(cut -> cut.targets().stream().map(target -> Map.entry(target.bagLineId(), cut)))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
        List<BagEntity> found = bags.findByRunIdInOrderByRunIdAscNumberAsc(runIds);
        Map<Long, List<BagLineEntity>> linesOf = bagLines.ofRuns(runIds).stream().collect(Collectors.groupingBy(line -> line.bag().id()));
        Map<Long, List<BagPickEntity>> picksOf = picks
                .findByBagIdInOrderByBagIdAscPositionAsc(found.stream().map(BagEntity::id).toList()).stream()
                .collect(Collectors.groupingBy(BagPickEntity::bagId));
        return found.stream()
                .map(bag -> toBag(
                        bag, linesOf.getOrDefault(bag.id(), List.of()), picksOf.getOrDefault(bag.id(), List.of()), cutOfLine))
                .collect(Collectors.groupingBy(Bag::runId));
    }

    @Transactional(readOnly = true)
    public Bag bag(long bagId) {
        BagEntity bag = bags.findById(bagId).orElseThrow(() -> new NotFoundException("bag", bagId));
        return bags(Set.of(bag.runId())).getOrDefault(bag.runId(), List.of()).stream()
                .filter(found -> found.id() == bagId)
                .findFirst()
                .orElseThrow(() -> new NotFoundException("bag", bagId));
    }

    /** The cuts of runs by the plans of now, done or not, by bolt and position. */
    @Transactional(readOnly = true)
    public List<PlannedCut> currentCuts(Set<Long> runIds) {
        return cuts.current(runIds).stream().map(PlannedCutEntity::toPlannedCut).toList();
    }

    @Transactional(readOnly = true)
    public PlannedCut plannedCut(long id) {
        return cut(id).toPlannedCut();
    }

    /** What the lengths of bag lines leave that the shop keeps, by line. */
    @Transactional(readOnly = true)
    public Map<Long, List<Bag.LeftOver>> leftOvers(Collection<Long> bagLineIds) {
        return leftOvers.findByBagLineIdInOrderByIdAsc(bagLineIds).stream().collect(Collectors.groupingBy(
                BagLeftOverEntity::bagLineId, Collectors.mapping(BagLeftOverEntity::toLeftOver, Collectors.toList())));
    }

    /** Plans again what is not cut, from what is there now. */
    @Transactional
    public void planAgain(long runId) {
        RunEntity run = locked(runId);
        if (run.state().isOpen()) {
            planning.planOpenLines(run);
            settle(run);
        }
    }

    /** Leaves out the bags that are not begun; a run with nothing begun is cancelled. */
    @Transactional
    public Outcome<Long> leaveOutRest(long runId) {
        RunEntity run = locked(runId);
        if (!run.state().isOpen()) {
            return Outcome.refused(Problem.of("run.not-open"));
        }
        Set<Long> begun = cuts.current(Set.of(runId)).stream()
                .filter(PlannedCutEntity::isCut)
                .flatMap(PlannedCutEntity::lines)
                .map(line -> line.bag().id())
                .collect(Collectors.toSet());
        begun.addAll(cutWithBegun(runId, begun));
        List<BagEntity> left = bags.findByRunIdOrderByNumberAsc(runId).stream()
                .filter(bag -> bag.isOpen() && !begun.contains(bag.id()))
                .toList();
        Set<Long> leftIds = left.stream().map(BagEntity::id).collect(Collectors.toSet());
        planning.supersede(cuts.current(Set.of(runId)).stream()
                .filter(cut -> cut.isPlanned() && cut.lines().anyMatch(line -> leftIds.contains(line.bag().id())))
                .toList());
        left.forEach(BagEntity::leaveOut);
        stock.release(picks.findByBagIdInOrderByBagIdAscPositionAsc(leftIds).stream().map(pick -> pick.toPick().owner()).toList());
        settle(run);
        return Outcome.done(runId);
    }

    /** Bags that share a cut with one that is begun: they are made with it. */
    private Set<Long> cutWithBegun(long runId, Set<Long> begun) {
        return cuts.current(Set.of(runId)).stream()
                .map(cut -> cut.lines().map(line -> line.bag().id()).toList())
                .filter(bags -> bags.stream().anyMatch(begun::contains))
                .flatMap(List::stream)
                .collect(Collectors.toSet());
    }

    /** Locks a run for a cut, so that cutters of one run come one after the other. */
    @Transactional(propagation = Propagation.MANDATORY)
    public Run lockForCutting(long runId) {
        return toRuns(List.of(locked(runId))).get(0);
    }

    /** A cut is done as planned: its cloth is no longer reserved but gone. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void markCut(long plannedCutId) {
        PlannedCutEntity cut = cut(plannedCutId);
        cut.become(PlannedCut.State.CUT);
        stock.release(List.of(cut.owner()));
        settle(locked(cut.runId()));
    }

    /** A cut was taken back: it is to be cut again, and its cloth reserved. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void markOpenAgain(long plannedCutId) {
        PlannedCutEntity cut = cut(plannedCutId);
        cut.become(PlannedCut.State.PLANNED);
        cuts.flush();
        stock.reserve(List.of(cut.promise()));
        settle(locked(cut.runId()));
    }

    /** A cut came out wrong: its line has no bolt until the run is planned again. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void putInQuestion(long plannedCutId) {
        planning.supersede(List.of(cut(plannedCutId)));
    }

    /** A bag is in its bag. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void markPacked(long bagId, long personId) {
        BagEntity bag = bags.findById(bagId).orElseThrow(() -> new NotFoundException("bag", bagId));
        bag.pack(personId, clock.instant());
        stock.release(picks.findByBagIdInOrderByBagIdAscPositionAsc(Set.of(bagId)).stream().map(pick -> pick.toPick().owner()).toList());
        settle(locked(bag.runId()));
    }

    /** After cloth that was reserved is gone: the runs on that bolt are planned again, the newest first, so that it loses. */
    @TransactionalEventListener
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void planAgainAfter(ReservedClothTaken taken) {
        cuts.runsThatCutFrom(taken.boltId()).stream().sorted(Comparator.reverseOrder()).forEach(this::planAgain);
    }

    /** Brings the state of a run up to what its bags say; for bags that are picked and not cut. */
    @Transactional(propagation = Propagation.MANDATORY)
    void settle(long runId) {
        settle(locked(runId));
    }

    /** Brings the state of a run up to what its bags and cuts say. */
    private void settle(RunEntity run) {
        cuts.flush();
        bags.flush();
        List<Bag> all = bags(Set.of(run.id())).getOrDefault(run.id(), List.of());
        List<Bag> kept = all.stream().filter(bag -> !bag.leftOut()).toList();
        RunState state = kept.isEmpty()
                ? RunState.CANCELLED
                : kept.stream().allMatch(Bag::packed)
                        ? RunState.PACKED
                        : kept.stream().allMatch(Bag::allCut)
                                ? RunState.CUT
                                : kept.stream().anyMatch(Bag::begun) ? RunState.CUTTING : RunState.CONFIRMED;
        run.become(state);
    }

    private RunEntity locked(long runId) {
        return runs.lock(runId).orElseThrow(() -> new NotFoundException("run", runId));
    }

    private PlannedCutEntity cut(long id) {
        return cuts.findById(id).orElseThrow(() -> new NotFoundException("cut", id));
    }

    private List<Run> toRuns(List<RunEntity> entities) {
        Map<Long, List<RunLineEntity>> byRun = runLines
                .findByRunIdInOrderByRunIdAscPositionAsc(entities.stream().map(RunEntity::id).toList()).stream()
                .collect(Collectors.groupingBy(RunLineEntity::runId));
        return entities.stream()
                .map(run -> new Run(
                        run.id(), run.state(), run.planVersion(), run.createdAt(),
                        byRun.getOrDefault(run.id(), List.of()).stream()
                                .map(line -> new Run.Asked(line.kitId(), line.asked()))
                                .toList()))
                .toList();
    }

    private static Bag toBag(
            BagEntity bag, List<BagLineEntity> lines, List<BagPickEntity> picks, Map<Long, PlannedCut> cutOfLine) {
        return new Bag(
                bag.id(), bag.runId(), bag.number(), bag.kitId(), bag.state() == BagEntity.State.PACKED,
                bag.state() == BagEntity.State.LEFT_OUT,
                lines.stream()
                        .map(line -> new Bag.Line(
                                line.id(), line.fabricId(), line.letters(), line.length(), line.into(),
                                Optional.ofNullable(cutOfLine.get(line.id()))))
                        .toList(),
                picks.stream().map(BagPickEntity::toPick).toList());
    }
}
