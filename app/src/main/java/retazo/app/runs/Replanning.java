package retazo.app.runs;

import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.event.TransactionalEventListener;
import retazo.app.runs.book.PlannedCutRepository;
import retazo.app.runs.changes.Cause;
import retazo.app.runs.changes.ChangeBook;
import retazo.app.runs.changes.Happened;
import retazo.app.runs.changes.ReplanEntity;
import retazo.app.runs.changes.ReplanRepository;
import retazo.app.stock.ClothCame;
import retazo.app.stock.Reason;
import retazo.app.stock.ReservedClothTaken;

/**
 * Plans runs again whose reserved cloth is gone, or whose cuts went wrong. That a run is to be planned again is written with what
 * happened; it is worked off afterwards by whoever pressed, or by one thread with a connection of its own, one run to a transaction, in the
 * order in which it was asked. A plan is worked out while nothing is locked, and kept if all is still as it was looked at. What fails is
 * tried again, later each time; what a stopped server left is taken up at the next start.
 */
@Component
public class Replanning {

    private static final Logger LOG = LoggerFactory.getLogger(Replanning.class);
    private static final Duration FIRST_WAIT = Duration.ofMillis(200);
    private static final int MOST_DOUBLINGS = 7;
    private static final int LOOK_AGAIN_SECONDS = 5;
    private static final int MOST_LOOKS = 5;

    private final PlannedCutRepository cuts;
    private final ReplanRepository asked;
    private final RunReplans replans;
    private final OpenWake openWake;
    private final ChangeBook changes;
    private final Clock clock;
    private final ScheduledExecutorService worker = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "replanning");
        thread.setDaemon(true);
        return thread;
    });
    private final Map<Long, Failures> failed = new HashMap<>();

    Replanning(PlannedCutRepository cuts, ReplanRepository asked, RunReplans replans, OpenWake openWake, ChangeBook changes, Clock clock) {
        this.cuts = cuts;
        this.asked = asked;
        this.replans = replans;
        this.openWake = openWake;
        this.changes = changes;
        this.clock = clock;
    }

    /** How often a run could not be planned, and when that is tried again. */
    private record Failures(int times, Instant next) {
    }

    /** Writes down which runs lost cloth; in the transaction of the movement. Who of them loses is not a matter of the order here. */
    @EventListener
    void ask(ReservedClothTaken taken) {
        Happened happened = Happened.on(taken.boltId(), cause(taken.reason()));
        cuts.runsThatCutFrom(taken.boltId()).stream().sorted().forEach(run -> changes.ask(run, happened));
    }

    private static Cause cause(Reason reason) {
        return switch (reason) {
            case SOLD_BY_LENGTH -> Cause.SOLD;
            case FLAW -> Cause.FLAW;
            case CORRECTION -> Cause.MEASURED;
            case REVERSAL -> Cause.TAKEN_BACK;
            default -> Cause.TAKEN_OFF;
        };
    }

    /** Writes down which runs wait for cloth that came; in the transaction of the movement. */
    @EventListener
    void ask(ClothCame came) {
        Happened happened = Happened.on(came.boltId(), Cause.CLOTH_CAME);
        cuts.runsThatWaitFor(came.fabricId()).stream().sorted().forEach(run -> changes.ask(run, happened));
    }

    @TransactionalEventListener
    void begin(ClothCame came) {
        worker.execute(this::workOff);
    }

    /** Once it is sure that the cloth is gone. */
    @TransactionalEventListener
    void begin(ReservedClothTaken taken) {
        worker.execute(this::workOff);
    }

    @EventListener(ApplicationReadyEvent.class)
    void takeUpWhatWasLeft() {
        worker.scheduleWithFixedDelay(this::workOff, 0, LOOK_AGAIN_SECONDS, TimeUnit.SECONDS);
    }

    @PreDestroy
    void stop() {
        worker.shutdownNow();
    }

    /** Whether a run is still to be planned again, so that what its page shows may be behind. */
    public boolean isAsked(long runId) {
        return asked.existsByRunId(runId);
    }

    /**
     * Plans a run again now, if that is asked, so that whoever pressed sees what became of it. What they pressed is booked by then, so
     * nothing that fails here is told to them: the run is planned later.
     */
    public void now(long runId) {
        try {
            if (isAsked(runId)) {
                planAsked(runId);
            }
        } catch (DataAccessException | TransactionException away) {
            LOG.warn("Run {} is not planned again now: cause='{}'", runId, away.getMessage());
        }
    }

    private synchronized void planAsked(long runId) {
        asked.findFirstByRunIdOrderByIdDesc(runId).ifPresent(this::planAgain);
    }

    /** Plans all runs again for which that is asked and due; when it returns, no other thread is at it. */
    public synchronized void workOff() {
        try {
            Optional<ReplanEntity> next = next();
            while (next.isPresent()) {
                planAsked(next.get().runId());
                next = next();
            }
        } catch (DataAccessException | TransactionException away) {
            LOG.warn("The database is away, so that no run is planned again now: cause='{}'", away.getMessage());
        }
    }

    private Optional<ReplanEntity> next() {
        List<ReplanEntity> oldest = asked.findTop100ByOrderByIdAsc();
        Instant now = clock.instant();
        return oldest.stream()
                .filter(one -> Optional.ofNullable(failed.get(one.runId())).map(failures -> !failures.next().isAfter(now)).orElse(true))
                .findFirst();
    }

    private void planAgain(ReplanEntity one) {
        try {
            planned(one);
            asked.done(one.runId(), one.id());
            failed.remove(one.runId());
        } catch (DataAccessException | TransactionException busy) {
            int times = Optional.ofNullable(failed.get(one.runId())).map(Failures::times).orElse(0) + 1;
            Duration wait = FIRST_WAIT.multipliedBy(1L << Math.min(times - 1, MOST_DOUBLINGS));
            failed.put(one.runId(), new Failures(times, clock.instant().plus(wait)));
            LOG.warn("Run {} is planned again later: tries={}, cause='{}'", one.runId(), times, busy.getMessage());
            worker.schedule(this::workOff, wait.toMillis(), TimeUnit.MILLISECONDS);
        }
    }

    private void planned(ReplanEntity one) {
        for (int look = 0; look < MOST_LOOKS; look++) {
            if (replans.keep(one.runId(), replans.look(one.runId()), one.happened())) {
                openWake.tell(one.runId(), one.happened());
                return;
            }
        }
        throw new CannotAcquireLockException("Stock changed each time that the run was looked at.");
    }
}
