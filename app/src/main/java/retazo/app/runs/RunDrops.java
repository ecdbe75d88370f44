package retazo.app.runs;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import retazo.app.runs.book.BagEntity;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunDropEntity;
import retazo.app.runs.book.RunDropRepository;
import retazo.app.runs.book.RunEntity;
import retazo.app.runs.book.RunLineRepository;
import retazo.app.runs.progress.RunProgress;
import retazo.app.shared.Outcome;
import retazo.core.measure.Problem;

/** Drops bags that were asked: a decision of somebody, kept with the name. */
@Service
public class RunDrops {

    private final RunStates states;
    private final RunProgress progress;
    private final BagsLeftOut leftOut;
    private final RunLineRepository lines;
    private final RunDropRepository drops;
    private final Clock clock;

    RunDrops(RunStates states, RunProgress progress, BagsLeftOut leftOut, RunLineRepository lines, RunDropRepository drops, Clock clock) {
        this.states = states;
        this.progress = progress;
        this.leftOut = leftOut;
        this.lines = lines;
        this.drops = drops;
        this.clock = clock;
    }

    /** Drops what is open of a run; a run of which nothing else was made is cancelled. */
    @Transactional
    public Outcome<Long> dropOpen(long runId, long personId) {
        states.lock(runId);
        Map<Long, Long> open = progress.open(Set.of(runId)).getOrDefault(runId, List.of()).stream()
                .collect(Collectors.toMap(Run.Asked::kitId, asked -> (long) asked.quantity()));
        if (open.isEmpty()) {
            return Outcome.refused(Problem.of("run.nothing-open"));
        }
        keep(runId, open, personId);
        states.settle(runId);
        return Outcome.done(runId);
    }

    /** Drops the bags that are not begun and gives their cloth back; what is open stays open. */
    @Transactional
    public Outcome<Long> dropNotBegun(long runId, long personId) {
        RunEntity run = states.lock(runId);
        if (!run.state().isOpen()) {
            return Outcome.refused(Problem.of("run.not-open"));
        }
        keep(runId, leftOut.notBegun(run).stream().collect(Collectors.groupingBy(BagEntity::kitId, Collectors.counting())), personId);
        states.settle(runId);
        return Outcome.done(runId);
    }

    private void keep(long runId, Map<Long, Long> bagsByKit, long personId) {
        lines.findByRunIdInOrderByRunIdAscPositionAsc(Set.of(runId)).stream().filter(line -> bagsByKit.containsKey(line.kitId()))
                .forEach(line -> drops.save(RunDropEntity.of(
                        line.id(), Math.toIntExact(bagsByKit.getOrDefault(line.kitId(), 0L)), personId, clock.instant())));
        drops.flush();
    }
}
