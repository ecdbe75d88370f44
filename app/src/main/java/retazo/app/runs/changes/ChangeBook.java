package retazo.app.runs.changes;

import java.time.Clock;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what happened to runs, and what became of them. */
@Service
@Transactional(readOnly = true)
public class ChangeBook {

    private static final int MOST_OF_A_RUN = 30;
    private static final int MOST_UNSEEN = 50;

    private final ReplanRepository asked;
    private final RunChangeRepository changes;
    private final Clock clock;

    ChangeBook(ReplanRepository asked, RunChangeRepository changes, Clock clock) {
        this.asked = asked;
        this.changes = changes;
        this.clock = clock;
    }

    /** Writes down that a run is to be planned again. */
    @Transactional
    public void ask(long runId, Happened happened) {
        asked.save(ReplanEntity.of(runId, happened, clock.instant()));
    }

    /** Writes down what became of a run. */
    @Transactional
    public void keep(RunChange became) {
        changes.saveAndFlush(RunChangeEntity.of(became));
    }

    /** The last changes of a run, newest first. */
    public List<RunChange> of(long runId) {
        return changes.findByRunIdOrderByIdDesc(runId, Limit.of(MOST_OF_A_RUN)).stream().map(RunChangeEntity::toChange).toList();
    }

    /** What nobody said was read, newest first. */
    public List<RunChange> unseen() {
        return changes.findBySeenAtIsNullOrderByIdDesc(Limit.of(MOST_UNSEEN)).stream().map(RunChangeEntity::toChange).toList();
    }

    /** Somebody read what became of a run, up to a change. */
    @Transactional
    public void see(long runId, long upTo, long personId) {
        changes.findByRunIdOrderByIdDesc(runId, Limit.of(MOST_OF_A_RUN)).stream()
                .filter(change -> change.id() <= upTo)
                .forEach(change -> change.see(personId, clock.instant()));
    }

    /** The newest change of each of these lines of bags, by the line. */
    Map<Long, Long> newest(Collection<Long> lineIds) {
        return lineIds.isEmpty()
                ? Map.of()
                : changes.newest(lineIds).stream().collect(Collectors.toMap(
                        RunChangeRepository.Newest::getLineId, RunChangeRepository.Newest::getChangeId));
    }

    /** Of these lines of bags those that were told to wait since they last had a bolt. */
    public Set<Long> toldToWait(Collection<Long> lineIds) {
        return lineIds.isEmpty() ? Set.of() : Set.copyOf(changes.toldToWait(lineIds));
    }
}
