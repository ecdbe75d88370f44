package retazo.app.runs.plan;

import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.PreDestroy;
import org.springframework.stereotype.Component;

import retazo.core.bolt.BoltPlan;
import retazo.core.bolt.BoltRequest;

/**
 * Looks on for plans with more bags beside the pages of drafts whose plan does not reach its bound: ten seconds for each request, one after
 * the other, so that the work of the others goes on.
 */
@Component
public class LongerSearches {

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
        return new Found(!search.isDone(), search.isCompletedExceptionally() ? Optional.empty() : search.getNow(Optional.empty()));
    }

    private static Optional<BoltPlan> search(BoltLayout layout, int bags) {
        long end = System.nanoTime() + LONGEST.toNanos();
        return layout.moreThan(bags, () -> System.nanoTime() < end && !Thread.currentThread().isInterrupted());
    }

    @PreDestroy
    void stop() {
        beside.shutdownNow();
    }
}
