package retazo.app.runs.packets;

import java.time.Clock;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import retazo.core.measure.Length;

/** How far the pieces of each source are cut. Whoever writes has locked the run. */
@Service
@Transactional(readOnly = true)
public class PieceJobs {

    private final PieceJobRepository jobs;
    private final StackRecordRepository records;
    private final Clock clock;

    PieceJobs(PieceJobRepository jobs, StackRecordRepository records, Clock clock) {
        this.jobs = jobs;
        this.records = records;
        this.clock = clock;
    }

    /** The stacks that were cut of a source, in order; without those that were taken back. */
    public List<StackRecord> records(PieceSource source) {
        return find(source).map(job -> records.findByJobIdAndUndoneFalseOrderByIdAsc(job.id())).orElse(List.of()).stream()
                .map(StackRecordEntity::toRecord).toList();
    }

    /** Whether a stack of it was cut. */
    public boolean isBegun(PieceSource source) {
        return find(source).map(job -> job.isDone() || !records.begun(List.of(job.id())).isEmpty()).orElse(false);
    }

    /** Whether all its pieces are cut. */
    public boolean isDone(PieceSource source) {
        return find(source).map(PieceJobEntity::isDone).orElse(false);
    }

    /** The sources of runs whose pieces are all cut. */
    public Set<PieceSource> done(Collection<Long> runIds) {
        return runIds.isEmpty()
                ? Set.of()
                : jobs.findByRunIdIn(runIds).stream().filter(PieceJobEntity::isDone).map(PieceJobEntity::source)
                        .collect(Collectors.toSet());
    }

    /** The sources of runs of which a stack was cut. */
    public Set<PieceSource> begun(Collection<Long> runIds) {
        List<PieceJobEntity> found = runIds.isEmpty() ? List.of() : jobs.findByRunIdIn(runIds);
        Set<Long> begun = found.isEmpty() ? Set.of() : records.begun(found.stream().map(PieceJobEntity::id).toList());
        return found.stream().filter(job -> job.isDone() || begun.contains(job.id()))
                .map(PieceJobEntity::source).collect(Collectors.toSet());
    }

    /** Writes down a stack. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void keep(PieceSource source, StackRecord record) {
        records.saveAndFlush(StackRecordEntity.of(opened(source).id(), record));
    }

    /** Takes back the last stack of a source, or that all of it is cut, and it is open again; false where there is nothing. */
    @Transactional(propagation = Propagation.MANDATORY)
    public boolean undoLast(PieceSource source) {
        Optional<PieceJobEntity> job = find(source);
        Optional<StackRecordEntity> last = job.flatMap(one -> records.findFirstByJobIdAndUndoneFalseOrderByIdDesc(one.id()));
        boolean isSomething = last.isPresent() || job.map(PieceJobEntity::isDone).orElse(false);
        last.ifPresent(StackRecordEntity::undo);
        job.filter(one -> isSomething).ifPresent(PieceJobEntity::open);
        records.flush();
        return isSomething;
    }

    /** How much cloth was cut again for spoilt strips of a source. */
    public Length cutAgain(PieceSource source) {
        return find(source).map(PieceJobEntity::cutAgain).orElse(Length.ZERO);
    }

    /** So much more cloth was cut again. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void markCutAgain(PieceSource source, Length length) {
        opened(source).cutAgain(length);
        jobs.flush();
    }

    /** All pieces of a source are cut. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void markDone(PieceSource source, long personId) {
        opened(source).done(personId, clock.instant());
        jobs.flush();
    }

    private PieceJobEntity opened(PieceSource source) {
        return find(source).orElseGet(() -> jobs.saveAndFlush(PieceJobEntity.of(source)));
    }

    private Optional<PieceJobEntity> find(PieceSource source) {
        return source.cutId().flatMap(jobs::findByCutId).or(() -> source.precut().flatMap(
                of -> jobs.findByRunIdAndKitIdAndGoodId(source.runId(), of.kitId(), of.goodId())));
    }
}
