package retazo.app.runs;

import java.time.Clock;
import java.time.Instant;
import java.util.Optional;

import org.springframework.stereotype.Component;

import retazo.app.runs.book.RunEntity;
import retazo.app.runs.book.RunState;
import retazo.app.runs.changes.RunTakingEntity;
import retazo.app.runs.changes.RunTakingRepository;
import retazo.app.shared.NotFoundException;

/** Keeps who let a run take cloth from later ones. */
@Component
class TakingBook {

    private final RunTakingRepository takings;
    private final Clock clock;

    TakingBook(RunTakingRepository takings, Clock clock) {
        this.takings = takings;
        this.clock = clock;
    }

    /** A taking of a run; a draft is confirmed by it. */
    RunTakingEntity keep(RunEntity run, long personId) {
        Instant now = clock.instant();
        if (run.state() == RunState.DRAFT) {
            run.confirm(now);
        }
        return takings.saveAndFlush(RunTakingEntity.of(run.id(), personId, now));
    }

    RunTakingEntity taking(long id) {
        return takings.findById(id).orElseThrow(() -> new NotFoundException("taking", id));
    }

    void undo(RunTakingEntity taking) {
        taking.undo(clock.instant());
    }

    /** The last taking of a run that was not undone. */
    Optional<RunTakingEntity> last(long runId) {
        return takings.findByRunIdAndUndoneAtIsNullOrderByIdDesc(runId).stream().findFirst();
    }
}
