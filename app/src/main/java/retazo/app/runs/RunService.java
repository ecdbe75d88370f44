package retazo.app.runs;

import java.time.Clock;
import java.util.List;
import java.util.Set;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

import retazo.app.runs.book.BagEntity;
import retazo.app.runs.book.BagRepository;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.PlannedCutEntity;
import retazo.app.runs.book.PlannedCutRepository;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.changes.ChangeBook;
import retazo.app.runs.changes.Happened;
import retazo.app.runs.plan.RunPlanning;
import retazo.app.shared.NotFoundException;
import retazo.app.stock.Entry;

/** Keeps runs under way: what is cut and packed of them. */
@Service
public class RunService {

    private final BagRepository bags;
    private final PlannedCutRepository cuts;
    private final RunBook book;
    private final RunPlanning planning;
    private final ChangeBook changes;
    private final RunStates states;
    private final Clock clock;

    RunService(BagRepository bags, PlannedCutRepository cuts, RunBook book, RunPlanning planning, ChangeBook changes, RunStates states,
            Clock clock) {
        this.bags = bags;
        this.cuts = cuts;
        this.book = book;
        this.planning = planning;
        this.changes = changes;
        this.states = states;
        this.clock = clock;
    }

    /** Writes down that a run is to be planned again, with what happened to it. */
    @Transactional
    public void askPlanAgain(long runId, Happened happened) {
        book.run(runId);
        changes.ask(runId, happened);
    }

    /** Locks a run for a cut, so that cutters of one run come one after the other. */
    @Transactional(propagation = Propagation.MANDATORY)
    public Run lockForCutting(long runId) {
        states.lock(runId);
        return book.run(runId);
    }

    /** A cut's cloth is about to be taken off its bolt: it is no longer reserved. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void letGo(long plannedCutId) {
        planning.release(List.of(cut(plannedCutId).owner()));
    }

    /** A cut is done as planned: its cloth is gone. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void markCut(long plannedCutId) {
        PlannedCutEntity cut = cut(plannedCutId);
        cut.become(PlannedCut.State.CUT);
        states.settle(cut.runId());
    }

    /** A cut was taken back: it is to be cut again, and its cloth reserved. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void markOpenAgain(long plannedCutId) {
        PlannedCutEntity cut = cut(plannedCutId);
        cut.become(PlannedCut.State.PLANNED);
        cuts.flush();
        planning.reserve(cut);
        states.settle(cut.runId());
    }

    /** A cut came out wrong: its line has no bolt until the run is planned again. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void putInQuestion(long plannedCutId) {
        PlannedCutEntity cut = cut(plannedCutId);
        planning.supersede(List.of(cut), states.lock(cut.runId()).planVersion());
    }

    /**
     * Pieces of a run were cut, or taken back.
     *
     * @param left the ids of its bags of which pieces are still to be cut
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void markPieces(long runId, Set<Long> left) {
        bags.findByRunIdOrderByNumberAsc(runId).forEach(bag -> bag.piecesLeft(left.contains(bag.id())));
        states.settle(runId);
    }

    /** A bag is packed and on the shelf, booked under this entry. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void markPacked(long bagId, Entry entry) {
        BagEntity bag = bags.findById(bagId).orElseThrow(() -> new NotFoundException("bag", bagId));
        bag.pack(entry.personId(), entry.clientId(), clock.instant());
        planning.release(book.promisesTo(Set.of(bagId)));
        states.settle(bag.runId());
    }

    private PlannedCutEntity cut(long id) {
        return cuts.findById(id).orElseThrow(() -> new NotFoundException("cut", id));
    }
}
