package retazo.app.outbox;

import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.transaction.support.TransactionTemplate;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;

/**
 * Carries what waits, one after the other, each in a transaction in which its row is locked: two copies do not carry the same. What could
 * not be brought is tried again, later each time; what a stopped server left is taken up at the next start.
 */
@Component
public class OutboxWork {

    private static final Logger LOG = LoggerFactory.getLogger(OutboxWork.class);
    private static final int LOOK_AGAIN_SECONDS = 5;
    private static final Duration FIRST_WAIT = Duration.ofSeconds(2);
    private static final int MOST_DOUBLINGS = 8;

    private final OutgoingRepository outgoing;
    private final Map<Outbox.Kind, Carrier> carriers;
    private final TransactionTemplate transaction;
    private final Words words;
    private final Clock clock;
    private final ScheduledExecutorService worker = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "outbox");
        thread.setDaemon(true);
        return thread;
    });

    OutboxWork(OutgoingRepository outgoing, List<Carrier> carriers, TransactionTemplate transaction, Words words, Clock clock) {
        this.outgoing = outgoing;
        this.carriers = carriers.stream().collect(Collectors.toMap(Carrier::kind, Function.identity()));
        this.transaction = transaction;
        this.words = words;
        this.clock = clock;
    }

    @EventListener(ApplicationReadyEvent.class)
    void takeUpWhatWasLeft() {
        worker.scheduleWithFixedDelay(this::workOff, 0, LOOK_AGAIN_SECONDS, TimeUnit.SECONDS);
    }

    @TransactionalEventListener
    void begin(Outbox.Put put) {
        worker.execute(this::workOff);
    }

    @PreDestroy
    void stop() {
        worker.shutdownNow();
    }

    /** Carries all that is due; when it returns, no other thread is at it. */
    public synchronized void workOff() {
        try {
            boolean more = true;
            while (more) {
                more = next();
            }
        } catch (RuntimeException away) {
            LOG.warn("Nothing is carried now: cause='{}'", away.getMessage());
        }
    }

    /** Carries what is due first; where that breaks, it is due later and the others go on. */
    private boolean next() {
        AtomicReference<@Nullable UUID> key = new AtomicReference<>();
        try {
            return Boolean.TRUE.equals(transaction.execute(status -> outgoing.lockDue(clock.instant()).map(one -> {
                key.set(one.getId());
                return carry(one);
            }).isPresent()));
        } catch (RuntimeException broken) {
            UUID carried = key.get();
            if (carried == null) {
                throw broken;
            }
            LOG.error("Something that goes out could not be carried.", broken);
            return broke(carried);
        }
    }

    private boolean broke(UUID key) {
        transaction.executeWithoutResult(status -> outgoing.findById(key).ifPresent(one -> later(one, words.text("outbox.broke"))));
        return true;
    }

    private void later(OutgoingEntity one, String why) {
        one.later(why, clock.instant().plus(FIRST_WAIT.multipliedBy(1L << Math.min(one.tries(), MOST_DOUBLINGS))));
        outgoing.saveAndFlush(one);
    }

    private OutgoingEntity carry(OutgoingEntity one) {
        Outcome<String> outcome = Optional.ofNullable(carriers.get(one.kind())).map(carrier -> brought(carrier, one))
                .orElseThrow(() -> new IllegalStateException("Nobody carries " + one.kind()));
        outcome.match(
                answer -> {
                    one.arrived(answer, clock.instant());
                    return answer;
                },
                problems -> {
                    later(one, words.of(problems.get(0)));
                    return "";
                });
        return outgoing.saveAndFlush(one);
    }

    private static Outcome<String> brought(Carrier carrier, OutgoingEntity one) {
        return carrier.carry(one.getId(), one.about(), one.body());
    }
}
