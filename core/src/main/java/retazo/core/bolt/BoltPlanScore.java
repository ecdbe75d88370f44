package retazo.core.bolt;

import java.util.Comparator;
import retazo.core.measure.Length;

/**
 * How good a plan is: most bags, then fewest orphans, then least orphaned length, then fewest bolts cut from. A better
 * plan compares as less.
 */
public record BoltPlanScore(int bagsBuilt, int orphans, Length orphanLength, int boltsOpened) implements Comparable<BoltPlanScore> {

    private static final Comparator<BoltPlanScore> BETTER_FIRST = Comparator.comparing(BoltPlanScore::bagsBuilt, Comparator.reverseOrder())
            .thenComparing(BoltPlanScore::orphans)
            .thenComparing(BoltPlanScore::orphanLength)
            .thenComparing(BoltPlanScore::boltsOpened);

    @Override
    public int compareTo(BoltPlanScore other) {
        return BETTER_FIRST.compare(this, other);
    }
}
