package retazo.core.bolt.search;

import retazo.core.bolt.BoltStock;
import retazo.core.bolt.RestRule;
import retazo.core.bolt.BoltPlanScore;

import java.util.Collection;

import retazo.core.measure.Length;

/**
 * What rests cost, as one number in which orphans weigh more than all orphaned length, and that more than all bolts: costs of bolts and of
 * fabrics are added, and the smaller sum is the better plan by {@link BoltPlanScore} for the same number of bags.
 *
 * <p>Of {@code b} bolts and a shortest remnant of {@code r} ticks the cost of a plan is {@code (orphans · b·r + orphaned) · (b + 1) +
 * opened}, since less than {@code b·r} is orphaned and at most {@code b} bolts are opened. With 2,000 bolts and a remnant of 3 yd that is
 * below 2⁶³.
 */
final class RestCost {

    private final RestRule rule;
    private final long perOrphan;
    private final long perTick;

    RestCost(RestRule rule, Collection<BoltStock> allBolts) {
        this.rule = rule;
        this.perTick = allBolts.size() + 1L;
        this.perOrphan = Math.multiplyExact(perTick, Math.multiplyExact(rule.shortestRemnant().ticks(), perTick));
    }

    /** From how many ticks on a rest can be sold. */
    long shortestRemnant() {
        return rule.shortestRemnant().ticks();
    }

    /** What a bolt costs that is cut from and keeps so much. */
    long of(long rest) {
        boolean orphan = rule.kindOf(new Length(rest)) == RestRule.Kind.ORPHAN;
        return orphan ? perOrphan + rest * perTick + 1 : 1;
    }
}
