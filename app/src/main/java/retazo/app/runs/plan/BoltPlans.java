package retazo.app.runs.plan;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import org.springframework.stereotype.Component;
import retazo.core.bolt.BoltPlan;
import retazo.core.bolt.BoltRequest;

/**
 * What the bolts give for the drafts that were looked at last. An answer belongs to all that it was found from, free lengths of bolts
 * included: where stock or the draft changes, it is found anew, and until then it is not.
 */
@Component
public class BoltPlans {

    private static final int MOST_KEPT = 500;

    private final Cache<BoltRequest, Answers> kept = Caffeine.newBuilder().maximumSize(MOST_KEPT).build();

    /**
     * The two answers to a draft.
     *
     * @param bound no plan has more bags
     */
    public record Answers(BoltPlan mostBags, BoltPlan inOrder, int bound) {
    }

    /** The answers that are kept, else found now, which may take a while. */
    public Answers answers(BoltLayout layout) {
        return kept.get(layout.request(), request -> layout.answers());
    }

    /** Whether the answers need not be found. */
    public boolean knows(BoltLayout layout) {
        return kept.asMap().containsKey(layout.request());
    }
}
