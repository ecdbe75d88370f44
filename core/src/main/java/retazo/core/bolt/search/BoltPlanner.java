package retazo.core.bolt.search;

import java.util.List;
import java.util.stream.IntStream;
import retazo.core.bolt.BagGroup;
import retazo.core.bolt.BoltPlan;
import retazo.core.bolt.BoltRequest;

/** Plans one run on bolts. The same request is always planned alike. */
public interface BoltPlanner {

    /**
     * The planner for a request: one that finds the very best plan where that is within reach, else one that goes down from a proved bound.
     */
    static BoltPlanner of(BoltRequest request) {
        return ExactBoltPlanner.of(request).<BoltPlanner>map(planner -> planner)
                .orElseGet(() -> new BoundedBoltPlanner(request, Effort.WAITED_FOR));
    }

    /** The groups of each turn, by their index, the first turn first. */
    static int[][] turns(BoltRequest request) {
        List<BagGroup> groups = request.groups();
        return groups.stream().mapToInt(BagGroup::turn).distinct().sorted()
                .mapToObj(turn -> IntStream.range(0, groups.size()).filter(group -> groups.get(group).turn() == turn).toArray())
                .toArray(int[][]::new);
    }

    /** The plan with the most bags, whatever their size. */
    BoltPlan mostBags();

    /** The plan that keeps the order asked: as many as possible of the first group, then of the second, and so on. */
    BoltPlan inOrderAsked();

    /** The plan that has as many bags as can be of the groups whose turn comes first, then of those of the next turn, and so on. */
    BoltPlan byPriority();

    /** No plan has more bags than this. */
    int bound();
}
