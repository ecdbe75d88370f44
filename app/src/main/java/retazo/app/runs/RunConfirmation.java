package retazo.app.runs;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.kits.KitWork;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.book.RunEntity;
import retazo.app.runs.book.RunState;
import retazo.app.runs.progress.RunProgress;
import retazo.app.shared.Outcome;
import retazo.core.bolt.BoltPlan;
import retazo.core.measure.Problem;

/** Confirms drafts of runs as they were planned, and takes up what was left open, in one transaction each. */
@Component
class RunConfirmation {

    private final RunStates states;
    private final RunProgress progress;
    private final RunBook book;
    private final DraftPlans plans;
    private final ConfirmedBags bags;
    private final Clock clock;

    RunConfirmation(RunStates states, RunProgress progress, RunBook book, DraftPlans plans, ConfirmedBags bags, Clock clock) {
        this.states = states;
        this.progress = progress;
        this.book = book;
        this.plans = plans;
        this.bags = bags;
        this.clock = clock;
    }

    /** Empty where stock changed since the draft was planned, or it was not planned yet. */
    @Transactional
    Optional<Outcome<Long>> confirm(long runId, DraftPlan.Answer answer, List<Integer> seen) {
        RunEntity run = states.lock(runId);
        return run.state() == RunState.DRAFT
                ? keep(run, book.run(runId), answer, seen)
                : Optional.of(Outcome.refused(Problem.of("run.not-a-draft")));
    }

    /** Takes up what is open of a run, as far as stock goes; empty likewise. */
    @Transactional
    Optional<Outcome<Long>> takeUp(long runId, List<Integer> seen) {
        RunEntity run = states.lock(runId);
        List<Run.Asked> open = progress.open(Set.of(runId)).getOrDefault(runId, List.of());
        return open.isEmpty()
                ? Optional.of(Outcome.refused(Problem.of("run.nothing-open")))
                : keep(run, book.run(runId).asking(open), DraftPlan.Answer.IN_ORDER, seen);
    }

    private Optional<Outcome<Long>> keep(RunEntity entity, Run run, DraftPlan.Answer answer, List<Integer> seen) {
        List<KitWork> works = plans.works(run);
        List<Problem> problems = works.stream().flatMap(work -> work.problems().stream()).distinct().toList();
        return problems.isEmpty()
                ? plans.lockedPlan(run, works).map(plan -> keep(entity, works, plan.plan(answer), seen))
                : Optional.of(Outcome.refused(problems));
    }

    /** A draft of which nothing can be made yet waits with all that it asks for. */
    private Outcome<Long> keep(RunEntity run, List<KitWork> works, BoltPlan plan, List<Integer> seen) {
        boolean isDraft = run.state() == RunState.DRAFT;
        if (!plan.built().equals(seen)) {
            return Outcome.refused(Problem.of("run.stock-changed"));
        }
        if (plan.bagsBuilt() == 0 && !isDraft) {
            return Outcome.refused(Problem.of("run.nothing-to-make"));
        }
        if (isDraft) {
            run.confirm(clock.instant());
        }
        bags.keep(run, works, plan);
        states.settle(run.id());
        return Outcome.done(run.id());
    }
}
