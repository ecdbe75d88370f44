package retazo.app.runs;

import java.time.Clock;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.BagEntity;
import retazo.app.runs.book.BagRepository;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.PlannedCutEntity;
import retazo.app.runs.book.PlannedCutRepository;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.book.RunEntity;
import retazo.app.runs.book.RunRepository;
import retazo.app.runs.book.RunState;
import retazo.app.runs.plan.RunPlanning;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.stock.Entry;
import retazo.app.stock.StockService;
import retazo.core.measure.Problem;

/** Keeps runs under way: what is cut and packed of them, planning again, and leaving out. */
@Service
public class RunService {

    private final RunRepository runs;
    private final BagRepository bags;
    private final PlannedCutRepository cuts;
    private final RunBook book;
    private final RunPlanning planning;
    private final StockService stock;
    private final Clock clock;

    RunService(
            RunRepository runs, BagRepository bags, PlannedCutRepository cuts, RunBook book, RunPlanning planning, StockService stock,
            Clock clock) {
        this.runs = runs;
        this.bags = bags;
        this.cuts = cuts;
        this.book = book;
        this.planning = planning;
        this.stock = stock;
        this.clock = clock;
    }

    /** Writes down that a run is to be planned again, with what happened to it. */
    @Transactional
    public void askPlanAgain(long runId) {
        if (!runs.existsById(runId)) {
            throw new NotFoundException("run", runId);
        }
        planning.ask(runId);
    }

    /** Plans again what is not cut, as that was worked out; false where it is not so any more. */
    @Transactional
    boolean planAgain(long runId, RunPlanning.Again again) {
        RunEntity run = locked(runId);
        if (!run.state().isOpen()) {
            return true;
        }
        boolean planned = planning.planAgain(run, again);
        settle(run);
        return planned;
    }

    /** Leaves out the bags that are not begun; a run with nothing begun is cancelled. */
    @Transactional
    public Outcome<Long> leaveOutRest(long runId) {
        RunEntity run = locked(runId);
        if (!run.state().isOpen()) {
            return Outcome.refused(Problem.of("run.not-open"));
        }
        Set<Long> begun = new HashSet<>(planning.begun(runId));
        begun.addAll(cutWithBegun(runId, begun));
        List<BagEntity> left = bags.findByRunIdOrderByNumberAsc(runId).stream()
                .filter(bag -> bag.isOpen() && !begun.contains(bag.id()))
                .toList();
        Set<Long> leftIds = left.stream().map(BagEntity::id).collect(Collectors.toSet());
        planning.supersede(cuts.current(Set.of(runId)).stream()
                .filter(cut -> cut.isPlanned() && cut.lines().anyMatch(line -> leftIds.contains(line.bag().id())))
                .toList());
        left.forEach(BagEntity::leaveOut);
        stock.release(book.promisesTo(leftIds));
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
        locked(runId);
        return book.run(runId);
    }

    /** A cut's cloth is about to be taken off its bolt: it is no longer reserved. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void letGo(long plannedCutId) {
        stock.release(List.of(cut(plannedCutId).owner()));
    }

    /** A cut is done as planned: its cloth is gone. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void markCut(long plannedCutId) {
        PlannedCutEntity cut = cut(plannedCutId);
        cut.become(PlannedCut.State.CUT);
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

    /**
     * Pieces of a run were cut, or taken back.
     *
     * @param left the ids of its bags of which pieces are still to be cut
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void markPieces(long runId, Set<Long> left) {
        bags.findByRunIdOrderByNumberAsc(runId).forEach(bag -> bag.piecesLeft(left.contains(bag.id())));
        settle(locked(runId));
    }

    /** A bag is packed and on the shelf, booked under this entry. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void markPacked(long bagId, Entry entry) {
        BagEntity bag = bags.findById(bagId).orElseThrow(() -> new NotFoundException("bag", bagId));
        bag.pack(entry.personId(), entry.clientId(), clock.instant());
        stock.release(book.promisesTo(Set.of(bagId)));
        settle(locked(bag.runId()));
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
        List<Bag> all = book.bags(Set.of(run.id())).getOrDefault(run.id(), List.of());
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
}
