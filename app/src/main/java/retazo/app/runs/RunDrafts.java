package retazo.app.runs;

import java.time.Clock;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.kits.KitWork;
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
import retazo.core.bolt.BoltPlan;
import retazo.core.measure.Problem;

/** Drafts of runs: what stock gives for one, and its confirmation, which freezes bills and reserves cloth. */
@Service
public class RunDrafts {

    private final RunRepository runs;
    private final RunLineRepository runLines;
    private final RunBook book;
    private final DraftPlans plans;
    private final ConfirmedBags bags;
    private final Entries entries;
    private final Clock clock;

    RunDrafts(
            RunRepository runs, RunLineRepository runLines, RunBook book, DraftPlans plans, ConfirmedBags bags, Entries entries,
            Clock clock) {
        this.runs = runs;
        this.runLines = runLines;
        this.book = book;
        this.plans = plans;
        this.bags = bags;
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
     * Confirms a draft: bags are numbered, bills frozen, cloth reserved.
     *
     * @param seen how many bags of each kit the person saw; refused when stock gives other numbers by now
     */
    @Transactional
    Outcome<Long> confirm(long runId, DraftPlan.Answer answer, List<Integer> seen) {
        RunEntity entity = runs.lock(runId).orElseThrow(() -> new NotFoundException("run", runId));
        if (entity.state() != RunState.DRAFT) {
            return Outcome.refused(Problem.of("run.not-a-draft"));
        }
        Run run = book.run(runId);
        List<KitWork> works = plans.works(run);
        List<Problem> problems = works.stream().flatMap(work -> work.problems().stream()).distinct().toList();
        if (!problems.isEmpty()) {
            return Outcome.refused(problems);
        }
        BoltPlan plan = plans.lockedPlan(run, works).plan(answer);
        if (!plan.built().equals(seen)) {
            return Outcome.refused(Problem.of("run.stock-changed"));
        }
        if (plan.bagsBuilt() == 0) {
            return Outcome.refused(Problem.of("run.nothing-to-make"));
        }
        entity.confirm(clock.instant());
        bags.keep(entity, works, plan);
        return Outcome.done(runId);
    }

    /** Confirms a draft if stock gives all that it asks for. */
    @Transactional
    public Outcome<Long> confirmWhole(long runId) {
        return confirm(runId, DraftPlan.Answer.IN_ORDER, book.run(runId).asked().stream().map(Run.Asked::quantity).toList());
    }
}
