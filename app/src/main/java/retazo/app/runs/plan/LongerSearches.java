package retazo.app.runs.plan;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import retazo.core.bolt.BoltPlan;
import retazo.core.bolt.BoltRequest;

/**
 * Looks on for plans with more bags beside the pages of drafts whose plan does not reach its bound: ten seconds for each request, one after
 * the other, so that the work of the others goes on.
 */
@Component
public class LongerSearches {

    private static final Logger LOG = LoggerFactory.getLogger(LongerSearches.class);
    private static final Duration LONGEST = Duration.ofSeconds(10);
    private static final int MOST_KEPT = 100;

    private final ExecutorService beside = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "longer-search");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    });
    private final Cache<Asked, CompletableFuture<Optional<BoltPlan>>> searches = Caffeine.newBuilder().maximumSize(MOST_KEPT).build();

    private record Asked(BoltRequest request, int moreThan) {
    }

    /**
     * How far a search is.
     *
     * @param goesOn whether it still looks, or waits for its turn
     * @param better the plan that it found
     */
    public record Found(boolean goesOn, Optional<BoltPlan> better) {
    }

    /** How far the search is for a plan with more bags than there are; it begins when it is asked for the first time. */
    Found of(BoltLayout layout, int bags) {
        CompletableFuture<Optional<BoltPlan>> search = searches.get(
                new Asked(layout.request(), bags),
                asked -> CompletableFuture.supplyAsync(() -> search(layout, bags), beside));
        return new Found(!search.isDone(), search.getNow(Optional.empty()));
    }

    private static Optional<BoltPlan> search(BoltLayout layout, int bags) {
        long end = System.nanoTime() + LONGEST.toNanos();
        try {
            return layout.moreThan(bags, () -> System.nanoTime() < end && !Thread.currentThread().isInterrupted());
        } catch (RuntimeException broken) {
            LOG.error("A longer search for a plan broke; the plan that is shown holds.", broken);
            return Optional.empty();
        }
    }

    @PreDestroy
    void stop() {
        beside.shutdownNow();
    }
}
