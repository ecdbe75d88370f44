package retazo.core.bolt;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import retazo.core.measure.Length;

/** Which bolt a length at the counter comes from. */
public final class CounterChoice {

    private CounterChoice() {
    }

    /**
     * The bolt whose rest is then best: nothing, or still long enough to sell, rather than an orphan; a started bolt
     * rather than a new one; then the shortest rest. Absent if no bolt has the length free.
     */
    public static Optional<BoltStock> best(List<BoltStock> bolts, Length length, RestRule rule) {
        Comparator<BoltStock> bestFirst = Comparator
                .comparing((BoltStock bolt) -> rule.kindOf(bolt.free().minus(length)) == RestRule.Kind.ORPHAN)
                .thenComparing(bolt -> !bolt.started())
                .thenComparing(BoltStock::free)
                .thenComparing(BoltStock::id);
        return bolts.stream().filter(bolt -> !bolt.toPlan().isShorterThan(length)).min(bestFirst);
    }
}
