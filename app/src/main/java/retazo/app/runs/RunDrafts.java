package retazo.app.runs;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.book.RunEntity;
import retazo.app.runs.book.RunLineEntity;
import retazo.app.runs.book.RunLineRepository;
import retazo.app.runs.book.RunRepository;
import retazo.app.runs.book.RunState;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.stock.Entries;
import retazo.app.stock.Entry;
import retazo.core.measure.Problem;

/** Drafts of runs: what is asked for, until it is confirmed or thrown away. */
@Service
public class RunDrafts {

    private static final int MOST_BEGINNINGS = 5;

    private final RunRepository runs;
    private final RunLineRepository runLines;
    private final RunBook book;
    private final DraftPlans plans;
    private final RunConfirmation confirmation;
    private final Entries entries;
    private final Clock clock;

    RunDrafts(
            RunRepository runs, RunLineRepository runLines, RunBook book, DraftPlans plans, RunConfirmation confirmation, Entries entries,
            Clock clock) {
        this.runs = runs;
        this.runLines = runLines;
        this.book = book;
        this.plans = plans;
        this.confirmation = confirmation;
        this.entries = entries;
        this.clock = clock;
    }

    /** The draft that a form asks for; sent again, the form gets the one that it made. */
    @Transactional
    public Outcome<Long> draft(List<Run.Asked> asked, Entry entry) {
        return entries.once(entry, "run " + asked, within -> Outcome.done(draft(asked, within.personId())));
    }

    /** @param asked one or more kits, each with 1 to 200 bags */
    @Transactional
    public long draft(List<Run.Asked> asked, long personId) {
        RunEntity run = runs.saveAndFlush(RunEntity.draft(personId, clock.instant()));
        for (int i = 0; i < asked.size(); i++) {
            runLines.save(RunLineEntity.of(run.id(), i + 1, asked.get(i).kitId(), asked.get(i).quantity()));
        }
        return run.id();
    }

    /** Throws a draft away. */
    @Transactional
    public Outcome<Long> discard(long runId) {
        RunEntity run = runs.lock(runId).orElseThrow(() -> new NotFoundException("run", runId));
        if (run.state() != RunState.DRAFT) {
            return Outcome.refused(Problem.of("run.not-a-draft"));
        }
        runLines.deleteByRunId(runId);
        runs.delete(run);
        return Outcome.done(runId);
    }

    /**
     * Confirms a draft: bags are numbered, bills frozen, cloth reserved. It is planned while nothing is locked; then all is locked, and
     * that plan is taken if stock is still what it was planned from. If not, it begins again, a few times.
     *
     * @param seen how many bags of each kit the person saw; refused when stock gives other numbers by now
     */
    Outcome<Long> confirm(long runId, DraftPlan.Answer answer, List<Integer> seen) {
        Optional<Outcome<Long>> outcome = confirmation.confirm(runId, answer, seen);
        for (int beginning = 1; beginning < MOST_BEGINNINGS && outcome.isEmpty(); beginning++) {
            plans.plan(book.run(runId));
            outcome = confirmation.confirm(runId, answer, seen);
        }
        return outcome.orElseGet(() -> Outcome.refused(Problem.of("run.stock-changed")));
    }

    /** Confirms a draft if stock gives all that it asks for. */
    public Outcome<Long> confirmWhole(long runId) {
        return confirm(runId, DraftPlan.Answer.IN_ORDER, book.run(runId).asked().stream().map(Run.Asked::quantity).toList());
    }
}
