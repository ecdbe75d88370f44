package retazo.app.runs;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitLife;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunEntity;
import retazo.app.runs.book.RunLineEntity;
import retazo.app.runs.book.RunLineRepository;
import retazo.app.runs.book.RunRepository;
import retazo.app.runs.book.RunState;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.stock.Entries;
import retazo.app.stock.Entry;
import retazo.core.bolt.promise.Priority;
import retazo.core.measure.Problem;

/** Drafts of runs: what is asked for, until it is confirmed or thrown away. */
@Service
public class RunDrafts {

    private final RunRepository runs;
    private final RunLineRepository runLines;
    private final Confirming confirming;
    private final KitLife life;
    private final KitBook kits;
    private final Entries entries;
    private final Clock clock;

    RunDrafts(
            RunRepository runs, RunLineRepository runLines, Confirming confirming, KitLife life, KitBook kits, Entries entries,
            Clock clock) {
        this.runs = runs;
        this.runLines = runLines;
        this.confirming = confirming;
        this.life = life;
        this.kits = kits;
        this.entries = entries;
        this.clock = clock;
    }

    /**
     * The draft that a form asks for; sent again, the form gets the one that it made. Refused, at {@code bags.} with the id of the kit,
     * where the line of one has ended.
     */
    @Transactional
    public Outcome<Long> draft(List<Run.Asked> asked, Run.Turn turn, Entry entry) {
        return entries.once(entry, "run " + asked + " " + turn, within -> {
            List<Problem> ended = asked.stream().filter(one -> life.endedAt(one.kitId()).isPresent())
                    .map(one -> Problem.at("bags." + one.kitId(), "run.kit-ended", kits.kit(one.kitId()).name())).toList();
            return ended.isEmpty() ? Outcome.done(draft(asked, turn, within.personId())) : Outcome.refused(ended);
        });
    }

    /** One that takes its turn as usual. */
    @Transactional
    public long draft(List<Run.Asked> asked, long personId) {
        return draft(asked, Run.Turn.USUAL, personId);
    }

    /** @param asked one or more kits, each with 1 to 200 bags */
    @Transactional
    public long draft(List<Run.Asked> asked, Run.Turn turn, long personId) {
        RunEntity run = runs.saveAndFlush(RunEntity.draft(turn, personId, clock.instant()));
        keepLines(run.id(), asked);
        return run.id();
    }

    private void keepLines(long runId, List<Run.Asked> asked) {
        for (int i = 0; i < asked.size(); i++) {
            runLines.save(RunLineEntity.of(runId, i + 1, asked.get(i)));
        }
    }

    /** Puts a kit of a draft one place earlier in the order asked. */
    @Transactional
    public Outcome<Long> earlier(long runId, long kitId) {
        RunEntity run = runs.lock(runId).orElseThrow(() -> new NotFoundException("run", runId));
        if (run.state() != RunState.DRAFT) {
            return Outcome.refused(Problem.of("run.not-a-draft"));
        }
        List<RunLineEntity> lines = runLines.findByRunIdInOrderByRunIdAscPositionAsc(List.of(runId));
        for (int i = 1; i < lines.size(); i++) {
            if (lines.get(i).kitId() == kitId) {
                lines.get(i).swapPlace(lines.get(i - 1));
            }
        }
        return Outcome.done(runId);
    }

    /** How the bags of a kit press among those of their draft. */
    @Transactional
    public Outcome<Long> press(long runId, long kitId, Priority priority) {
        RunEntity run = runs.lock(runId).orElseThrow(() -> new NotFoundException("run", runId));
        if (run.state() != RunState.DRAFT) {
            return Outcome.refused(Problem.of("run.not-a-draft"));
        }
        runLines.findByRunIdInOrderByRunIdAscPositionAsc(List.of(runId)).stream().filter(line -> line.kitId() == kitId)
                .forEach(line -> line.press(priority));
        return Outcome.done(runId);
    }

    /** In a draft, so many bags of a kit are asked as another kit, right after those that are left of it; false for fewer. */
    @Transactional(propagation = Propagation.MANDATORY)
    public boolean askInstead(long runId, Run.Asked less, long otherKitId) {
        List<RunLineEntity> lines = runLines.findByRunIdInOrderByRunIdAscPositionAsc(List.of(runId));
        if (lines.stream().noneMatch(line -> line.kitId() == less.kitId() && line.asked() >= less.quantity())) {
            return false;
        }
        List<Run.Asked> asked = new ArrayList<>();
        for (RunLineEntity line : lines) {
            int bags = line.kitId() == less.kitId() ? line.asked() - less.quantity() : line.asked();
            asked.add(new Run.Asked(line.kitId(), line.kitId() == otherKitId ? bags + less.quantity() : bags, line.priority()));
            if (line.kitId() == less.kitId() && lines.stream().noneMatch(one -> one.kitId() == otherKitId)) {
                asked.add(new Run.Asked(otherKitId, less.quantity(), line.priority()));
            }
        }
        asked.removeIf(one -> one.quantity() == 0);
        runLines.deleteByRunId(runId);
        runLines.flush();
        keepLines(runId, asked);
        return true;
    }

    /** When a draft or a run under way has its turn where cloth is not enough for all; nothing moves by that alone. */
    @Transactional
    public Outcome<Long> takeTurn(long runId, Run.Turn turn) {
        RunEntity run = runs.lock(runId).orElseThrow(() -> new NotFoundException("run", runId));
        if (run.state() != RunState.DRAFT && !run.state().isOpen()) {
            return Outcome.refused(Problem.of("run.not-open"));
        }
        run.takeTurn(turn);
        return Outcome.done(runId);
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

    /** Confirms a draft if stock gives all that it asks for. */
    public Outcome<Long> confirmWhole(long runId) {
        return confirming.confirmWhole(runId);
    }
}
