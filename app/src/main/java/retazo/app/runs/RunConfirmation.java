package retazo.app.runs;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.kits.KitWork;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.book.RunEntity;
import retazo.app.runs.book.RunRepository;
import retazo.app.runs.book.RunState;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.core.bolt.BoltPlan;
import retazo.core.measure.Problem;

/** Confirms drafts of runs as they were planned, in one transaction each. */
@Component
class RunConfirmation {

    private final RunRepository runs;
    private final RunBook book;
    private final DraftPlans plans;
    private final ConfirmedBags bags;
    private final Clock clock;

    RunConfirmation(RunRepository runs, RunBook book, DraftPlans plans, ConfirmedBags bags, Clock clock) {
        this.runs = runs;
        this.book = book;
        this.plans = plans;
        this.bags = bags;
        this.clock = clock;
    }

    /** Empty where stock changed since the draft was planned, or it was not planned yet. */
    @Transactional
    Optional<Outcome<Long>> confirm(long runId, DraftPlan.Answer answer, List<Integer> seen) {
        RunEntity entity = runs.lock(runId).orElseThrow(() -> new NotFoundException("run", runId));
        if (entity.state() != RunState.DRAFT) {
            return Optional.of(Outcome.refused(Problem.of("run.not-a-draft")));
        }
        Run run = book.run(runId);
        List<KitWork> works = plans.works(run);
        List<Problem> problems = works.stream().flatMap(work -> work.problems().stream()).distinct().toList();
        if (!problems.isEmpty()) {
            return Optional.of(Outcome.refused(problems));
        }
        return plans.lockedPlan(run, works).map(plan -> confirm(entity, works, plan.plan(answer), seen));
    }

    private Outcome<Long> confirm(RunEntity run, List<KitWork> works, BoltPlan plan, List<Integer> seen) {
        if (!plan.built().equals(seen)) {
            return Outcome.refused(Problem.of("run.stock-changed"));
        }
        if (plan.bagsBuilt() == 0) {
            return Outcome.refused(Problem.of("run.nothing-to-make"));
        }
        run.confirm(clock.instant());
        bags.keep(run, works, plan);
        return Outcome.done(run.id());
    }
}
