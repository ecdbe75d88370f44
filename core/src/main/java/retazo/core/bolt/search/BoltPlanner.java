package retazo.core.bolt.search;

import retazo.core.bolt.BoltRequest;
import retazo.core.bolt.BoltPlan;

/** Plans one run on bolts. The same request is always planned alike. */
public interface BoltPlanner {

    /**
     * The planner for a request: one that finds the very best plan where that is within reach, else one that goes down from a proved bound.
     */
    static BoltPlanner of(BoltRequest request) {
        return ExactBoltPlanner.of(request).<BoltPlanner>map(planner -> planner).orElseGet(() -> new BoundedBoltPlanner(request));
    }

    /** The plan with the most bags, whatever their size. */
    BoltPlan mostBags();

    /** The plan that keeps the order asked: as many as possible of the first group, then of the second, and so on. */
    BoltPlan inOrderAsked();

    /** No plan has more bags than this. */
    int bound();
}
