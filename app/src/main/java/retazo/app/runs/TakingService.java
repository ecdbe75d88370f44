package retazo.app.runs;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.interceptor.TransactionAspectSupport;

import retazo.app.kits.KitWork;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunEntity;
import retazo.app.runs.changes.Cause;
import retazo.app.runs.changes.Happened;
import retazo.app.runs.changes.RunTakingEntity;
import retazo.app.runs.plan.PlanAgain;
import retazo.app.runs.plan.Takings;
import retazo.app.shared.Outcome;
import retazo.core.measure.Problem;

/** Does what a taking was seen to be, and undoes it, in one transaction each with all runs locked that it touches. */
@Service
class TakingService {

    private final RunStates states;
    private final DraftPlans plans;
    private final Takings takings;
    private final ConfirmedBags bags;
    private final BagsLeftOut leftOut;
    private final PlanAgain planAgain;
    private final TakingBook kept;

    TakingService(
            RunStates states, DraftPlans plans, Takings takings, ConfirmedBags bags, BagsLeftOut leftOut, PlanAgain planAgain,
            TakingBook kept) {
        this.states = states;
        this.plans = plans;
        this.takings = takings;
        this.bags = bags;
        this.leftOut = leftOut;
        this.planAgain = planAgain;
        this.kept = kept;
    }

    static Takings.Wanted wanted(Run run, DraftPlan plan) {
        return new Takings.Wanted(run, plan.works().stream().map(DraftPlans::pieces).toList(), plan.inOrder(), plan.allowed());
    }

    @Transactional
    Outcome<Long> take(Run run, Takings.Taking seen, String signature, long personId) {
        Map<Long, RunEntity> locked = states.lockAll(seen.runIds());
        List<KitWork> works = plans.works(run);
        return plans.lockedPlan(run, works)
                .filter(plan -> works.stream().allMatch(work -> work.problems().isEmpty()))
                .filter(plan -> RunTakings.signature(plan, takings.of(wanted(run, plan))).equals(signature))
                .map(plan -> take(locked, run, plan, seen, personId))
                .orElseGet(() -> Outcome.refused(Problem.of("run.stock-changed")));
    }

    private Outcome<Long> take(Map<Long, RunEntity> locked, Run run, DraftPlan plan, Takings.Taking seen, long personId) {
        RunEntity entity = requireNonNull(locked.get(run.id()));
        RunTakingEntity taking = kept.keep(entity, personId);
        bags.keep(entity, plan.works(), plan.inOrder());
        bags.keepWithoutCloth(entity, plan.works(), seen.gained(), taking.id());
        PlanAgain.Again again = planAgain.look(run.id());
        boolean isAsSeen = again.newlyWaiting(run.id()).isEmpty() && again.losses().equals(seen.lossesByBag());
        boolean done = isAsSeen && locked.keySet().containsAll(again.runIds())
                && planAgain.keep(again, run.id(), locked, Happened.by(run.id(), Cause.RUN_TOOK));
        if (!done) {
            TransactionAspectSupport.currentTransactionStatus().setRollbackOnly();
            return Outcome.refused(Problem.of("run.stock-changed"));
        }
        locked.values().stream().filter(one -> one.state().isOpen()).forEach(one -> states.settle(one.id()));
        return Outcome.done(run.id());
    }

    @Transactional(readOnly = true)
    Optional<Long> toGiveBack(long runId) {
        return kept.last(runId).map(RunTakingEntity::id).filter(leftOut::anyNotBegun);
    }

    /** Gives the cloth of a taking back, as far as its bags are not begun: those are open again. */
    @Transactional
    Outcome<Long> giveBack(long takingId) {
        RunTakingEntity taking = kept.taking(takingId);
        RunEntity run = states.lock(taking.runId());
        if (taking.isUndone() || leftOut.notBegun(run, takingId).isEmpty()) {
            return Outcome.refused(Problem.of("run.nothing-to-give-back"));
        }
        kept.undo(taking);
        states.settle(run.id());
        return Outcome.done(run.id());
    }
}
