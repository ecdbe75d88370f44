package retazo.app.runs;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;

import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

import retazo.app.runs.book.BagEntity;
import retazo.app.runs.book.BagRepository;
import retazo.app.runs.book.PlannedCutEntity;
import retazo.app.runs.book.PlannedCutRepository;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.book.RunEntity;
import retazo.app.runs.changes.Cause;
import retazo.app.runs.changes.ChangeBook;
import retazo.app.runs.changes.Happened;
import retazo.app.runs.plan.RunPlanning;

/** Leaves bags out that are not begun, and frees what was kept for them. The caller holds the lock of the run. */
@Component
@Transactional(propagation = Propagation.MANDATORY)
public class BagsLeftOut {

    private final BagRepository bags;
    private final PlannedCutRepository cuts;
    private final RunBook book;
    private final RunPlanning planning;
    private final ChangeBook changes;

    BagsLeftOut(BagRepository bags, PlannedCutRepository cuts, RunBook book, RunPlanning planning, ChangeBook changes) {
        this.bags = bags;
        this.cuts = cuts;
        this.book = book;
        this.planning = planning;
        this.changes = changes;
    }

    /** All bags of a run that are not begun. */
    List<BagEntity> notBegun(RunEntity run) {
        return notBegun(run, bag -> true);
    }

    /** Those of a taking. */
    List<BagEntity> notBegun(RunEntity run, long takingId) {
        Set<Long> taken = bags.findByTakingIdOrderByNumberAsc(takingId).stream().map(BagEntity::id).collect(Collectors.toSet());
        return notBegun(run, bag -> taken.contains(bag.id()));
    }

    /** One of them; false where it is begun, or made together with one that is. */
    public boolean leaveOut(RunEntity run, long bagId) {
        return !notBegun(run, bag -> bag.id() == bagId).isEmpty();
    }

    /** Whether a taking has bags that are not begun. */
    @Transactional(propagation = Propagation.SUPPORTS)
    boolean anyNotBegun(long takingId) {
        List<BagEntity> taken = bags.findByTakingIdOrderByNumberAsc(takingId).stream().filter(BagEntity::isOpen).toList();
        return !taken.isEmpty() && taken.stream().anyMatch(bag -> !planning.begun(bag.runId()).contains(bag.id()));
    }

    private List<BagEntity> notBegun(RunEntity run, Predicate<BagEntity> which) {
        Set<Long> kept = new HashSet<>(planning.begun(run.id()));
        kept.addAll(cutWithBegun(run.id(), kept));
        List<BagEntity> left = bags.findByRunIdOrderByNumberAsc(run.id()).stream()
                .filter(bag -> bag.isOpen() && !kept.contains(bag.id()) && which.test(bag))
                .toList();
        Set<Long> leftIds = left.stream().map(BagEntity::id).collect(Collectors.toSet());
        List<PlannedCutEntity> gone = cuts.current(Set.of(run.id())).stream()
                .filter(cut -> cut.isPlanned() && cut.lines().anyMatch(line -> leftIds.contains(line.bag().id())))
                .toList();
        planning.supersede(gone, run.planVersion());
        left.forEach(BagEntity::leaveOut);
        bags.flush();
        planning.release(book.promisesTo(leftIds));
        wake(run, gone);
        return left;
    }

    /** Bags that share a cut with one that is begun: they are made with it. */
    private Set<Long> cutWithBegun(long runId, Set<Long> begun) {
        return cuts.current(Set.of(runId)).stream()
                .map(cut -> cut.lines().map(line -> line.bag().id()).toList())
                .filter(together -> together.stream().anyMatch(begun::contains))
                .flatMap(List::stream)
                .collect(Collectors.toSet());
    }

    /** Who waits for the cloth that is free now can go on. */
    private void wake(RunEntity run, List<PlannedCutEntity> gone) {
        gone.stream().flatMap(PlannedCutEntity::lines).map(line -> line.fabricId()).distinct()
                .flatMap(fabric -> cuts.runsThatWaitFor(fabric).stream()).distinct().sorted()
                .forEach(waiting -> changes.ask(waiting, Happened.by(run.id(), Cause.CLOTH_FREED)));
    }
}
