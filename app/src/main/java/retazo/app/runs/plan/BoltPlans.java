package retazo.app.runs.plan;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Optional;
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

    private final LongerSearches searches;
    private final Cache<BoltRequest, Answers> kept = Caffeine.newBuilder().maximumSize(MOST_KEPT).build();

    BoltPlans(LongerSearches searches) {
        this.searches = searches;
    }

    /**
     * The answers to a draft.
     *
     * @param bound no plan has more bags
     */
    public record Answers(BoltPlan mostBags, BoltPlan inOrder, BoltPlan byPriority, int bound) {

        /** Whether no plan can have more bags. */
        public boolean isProved() {
            return mostBags.bagsBuilt() == bound;
        }

        Answers with(BoltPlan more) {
            return new Answers(more, inOrder, byPriority, bound);
        }
    }

    /** The answers that are kept, else found now, which may take a while. */
    public Answers answers(BoltLayout layout) {
        return kept.get(layout.request(), request -> layout.answers());
    }

    /** Where the answers do not reach their bound: how far the search is that goes on beside them. */
    public Optional<LongerSearches.Found> beyond(BoltLayout layout) {
        Answers answers = answers(layout);
        return answers.isProved() ? Optional.empty() : Optional.of(searches.of(layout, answers.mostBags().bagsBuilt()));
    }

    /** Answers from now on with the plan that the longer search found; false where it found none for what there is now. */
    public boolean takeBeyond(BoltLayout layout) {
        Optional<BoltPlan> better = beyond(layout).flatMap(LongerSearches.Found::better);
        better.ifPresent(plan -> kept.asMap().computeIfPresent(layout.request(), (request, answers) -> answers.with(plan)));
        return better.isPresent();
    }

    /** Whether the answers need not be found. */
    public boolean knows(BoltLayout layout) {
        return kept.asMap().containsKey(layout.request());
    }
}
