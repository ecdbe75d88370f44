package retazo.app.runs;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;

import org.springframework.stereotype.Service;

import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.progress.RunProgress;
import retazo.app.shared.Outcome;
import retazo.core.measure.Problem;

/** Confirms drafts of runs, and takes up later what could not be made then. */
@Service
public class Confirming {

    private static final int MOST_BEGINNINGS = 5;

    private final RunBook book;
    private final RunProgress progress;
    private final DraftPlans plans;
    private final RunConfirmation confirmation;

    Confirming(RunBook book, RunProgress progress, DraftPlans plans, RunConfirmation confirmation) {
        this.book = book;
        this.progress = progress;
        this.plans = plans;
        this.confirmation = confirmation;
    }

    /**
     * Confirms a draft: bags are numbered, bills frozen, cloth reserved. It is planned while nothing is locked; then all is locked, and
     * that plan is taken if stock is still what it was planned from. If not, it begins again, a few times.
     *
     * @param seen how many bags of each kit the person saw; refused when stock gives other numbers by now
     */
    public Outcome<Long> confirm(long runId, DraftPlan.Answer answer, List<Integer> seen) {
        return whilePlanned(() -> book.run(runId), () -> confirmation.confirm(runId, answer, seen));
    }

    /** Takes up what is open of a confirmed run, as far as stock goes, likewise. */
    public Outcome<Long> takeUp(long runId, List<Integer> seen) {
        return whilePlanned(
                () -> book.run(runId).asking(progress.open(Set.of(runId)).getOrDefault(runId, List.of())),
                () -> confirmation.takeUp(runId, seen));
    }

    private Outcome<Long> whilePlanned(Supplier<Run> asked, Supplier<Optional<Outcome<Long>>> confirm) {
        Optional<Outcome<Long>> outcome = confirm.get();
        for (int beginning = 1; beginning < MOST_BEGINNINGS && outcome.isEmpty(); beginning++) {
            plans.plan(asked.get());
            outcome = confirm.get();
        }
        return outcome.orElseGet(() -> Outcome.refused(Problem.of("run.stock-changed")));
    }

    /** Confirms a draft if stock gives all that it asks for. */
    Outcome<Long> confirmWhole(long runId) {
        return confirm(runId, DraftPlan.Answer.IN_ORDER, book.run(runId).asked().stream().map(Run.Asked::quantity).toList());
    }
}
