package retazo.app.opening;

import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import retazo.app.opening.OpeningListEntity.State;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.app.stock.Entries;

/**
 * Checks, books and takes back lists beside the pages, one after the other, each in one transaction. What a stopped server left is begun
 * anew at the next start.
 */
@Component
class OpeningWork {

    private static final Logger LOG = LoggerFactory.getLogger(OpeningWork.class);
    private static final Duration LATER = Duration.ofSeconds(10);

    private final OpeningListRepository lists;
    private final Rows rows;
    private final OpeningLists book;
    private final Entries entries;
    private final TransactionTemplate transaction;
    private final Words words;
    private final Clock clock;
    private final Map<Long, Integer> booked = new ConcurrentHashMap<>();
    private final Map<Long, CompletableFuture<Void>> underWay = new ConcurrentHashMap<>();
    private final ScheduledExecutorService worker = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "opening-lists");
        thread.setDaemon(true);
        return thread;
    });

    OpeningWork(
            OpeningListRepository lists, Rows rows, OpeningLists book, Entries entries, TransactionTemplate transaction, Words words,
            Clock clock) {
        this.lists = lists;
        this.rows = rows;
        this.book = book;
        this.entries = entries;
        this.transaction = transaction;
        this.words = words;
        this.clock = clock;
    }

    @EventListener(ApplicationReadyEvent.class)
    void goOn() {
        lists.inWork().forEach(this::begin);
    }

    /** Begins what a list waits for. */
    void begin(long id) {
        CompletableFuture<Void> work = CompletableFuture.runAsync(() -> work(id), worker);
        underWay.put(id, work);
        work.whenComplete((done, broken) -> {
            underWay.remove(id, work);
            booked.remove(id);
        });
    }

    /** Waits a little for it: a short list is done before its page is shown. */
    void await(long id, Duration most) {
        CompletableFuture<Void> work = underWay.getOrDefault(id, CompletableFuture.completedFuture(null));
        try {
            work.get(most.toMillis(), TimeUnit.MILLISECONDS);
        } catch (TimeoutException | ExecutionException goesOn) {
            LOG.debug("List {} is still worked on, or its page says what broke.", id);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    /** How many lines are booked by now; they count only once all are. */
    int bookedBy(long id) {
        return booked.getOrDefault(id, 0);
    }

    private void work(long id) {
        try {
            transaction.executeWithoutResult(status -> lists.lock(id).ifPresent(this::step));
        } catch (RuntimeException broken) {
            LOG.error("A list could not be worked on; nothing of it was booked.", broken);
            stayed(id, words.text("opening.broke"));
        }
    }

    /** That it broke is written on it; where the database cannot be reached either, all of it is tried again later. */
    private void stayed(long id, String why) {
        try {
            transaction.executeWithoutResult(
                    status -> lists.lock(id).filter(list -> list.state().works()).ifPresent(list -> list.stayed(why)));
        } catch (RuntimeException away) {
            LOG.warn("What broke could not be written either; list {} is tried again in a moment.", id);
            worker.schedule(() -> begin(id), LATER.toSeconds(), TimeUnit.SECONDS);
        }
    }

    private void step(OpeningListEntity list) {
        if (list.state() == State.TAKING_BACK) {
            takeBack(list);
        } else if (list.state().works()) {
            checkAndBook(list);
        }
    }

    /** A list is read anew before it is booked: the shop went on since it was checked. */
    private void checkAndBook(OpeningListEntity list) {
        List<Row> all = rows.all(list.id());
        Checked checked = book.kind(list.kind()).check(all);
        rows.write(list.id(), all.stream().filter(row -> checked.given().containsKey(row.line()))
                .map(row -> row.with(checked.given().getOrDefault(row.line(), Map.of()))).toList());
        rows.judge(list.id(), checked.faults());
        if (list.state() == State.CHECKING) {
            list.checked(checked.sum());
        } else if (!checked.isRight()) {
            list.stayed(words.text("opening.changed-meanwhile"));
        } else {
            Outcome<Long> outcome = entries.once(list.entry(), "list " + list.id(), within -> {
                checked.booking().book(within, done -> booked.put(list.id(), done));
                return Outcome.done(list.id());
            });
            outcome.match(done -> {
                list.checked(checked.sum());
                list.booked(clock.instant());
                return done;
            }, problems -> {
                throw new IllegalStateException("The id of a list stands for something else: " + problems);
            });
        }
    }

    private void takeBack(OpeningListEntity list) {
        Outcome<Long> outcome = book.kind(list.kind())
                .takeBack(rows.all(list.id()), list.entry(), list.takingBack());
        outcome.match(done -> {
            list.takenBack();
            return done;
        }, problems -> {
            list.stayed(words.of(problems.get(0)));
            return 0L;
        });
    }

    @PreDestroy
    void stop() {
        worker.shutdownNow();
    }
}
