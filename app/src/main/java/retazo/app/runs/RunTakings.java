package retazo.app.runs;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.springframework.stereotype.Service;

import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.book.RunState;
import retazo.app.runs.plan.Takings;
import retazo.app.runs.progress.RunProgress;
import retazo.app.shared.Outcome;
import retazo.core.measure.Problem;

/** Lets a run take cloth from later ones: shown first, then done by somebody's press, and given back by another. */
@Service
public class RunTakings {

    private final RunBook book;
    private final RunProgress progress;
    private final DraftPlans plans;
    private final Takings takings;
    private final TakingService service;

    RunTakings(RunBook book, RunProgress progress, DraftPlans plans, Takings takings, TakingService service) {
        this.book = book;
        this.progress = progress;
        this.plans = plans;
        this.takings = takings;
        this.service = service;
    }

    /** What the bags would be that a run gains, and what others lose; no bags where it would gain none. */
    public Takings.Taking preview(Run run, DraftPlan plan) {
        return takings.of(TakingService.wanted(run, plan));
    }

    /** What is seen of a taking, so that nothing else is done: what free cloth gives, what is gained, who loses what. */
    public static String signature(DraftPlan plan, Takings.Taking taking) {
        return Stream.concat(
                Stream.of(plan.inOrder().built() + "+" + taking.gained()),
                taking.losses().stream().map(loss -> loss.bagId() + ":" + loss.fabricIds()))
                .collect(Collectors.joining(" "));
    }

    /** Does what was seen; refused where that is not what would come of it by now. */
    public Outcome<Long> take(long runId, String seen, long personId) {
        Run run = asking(book.run(runId));
        DraftPlan plan = plans.plan(run);
        Takings.Taking taking = preview(run, plan);
        if (taking.bags() == 0 || !signature(plan, taking).equals(seen)) {
            return Outcome.refused(Problem.of("run.stock-changed"));
        }
        return service.take(run, taking, seen, personId);
    }

    /** A draft, or what is open of a confirmed run. */
    public Run asking(Run run) {
        return run.state() == RunState.DRAFT
                ? run
                : run.asking(progress.open(Set.of(run.id())).getOrDefault(run.id(), List.of()));
    }

    /** The last taking of a run that can be given back: its id. */
    public Optional<Long> toGiveBack(long runId) {
        return service.toGiveBack(runId);
    }

    /** Gives back what a run took last, as far as its bags are not begun. */
    public Outcome<Long> giveBack(long takingId) {
        return service.giveBack(takingId);
    }
}
