package retazo.core.bolt;

import java.util.List;
import java.util.Map;
import retazo.core.measure.Length;

/**
 * Which bag is cut from which bolt.
 *
 * @param built how many bags of each group, in the order of the request's groups
 * @param cuts  by fabric, then bolt, in cutting order
 * @param rests of every bolt that is cut from
 */
public record BoltPlan(List<Integer> built, List<PlannedLength> cuts, List<Rest> rests) {

    public BoltPlan {
        built = List.copyOf(built);
        cuts = List.copyOf(cuts);
        rests = List.copyOf(rests);
    }

    /**
     * One continuous length.
     *
     * @param group index of the group in the request
     * @param bag   which bag of the group, from 0
     */
    public record PlannedLength(String fabricCode, String boltId, int group, int bag, Length length) {
    }

    /** What stays on a bolt. */
    public record Rest(String fabricCode, String boltId, Length length, RestRule.Kind kind) {
    }

    public int bagsBuilt() {
        return built.stream().mapToInt(Integer::intValue).sum();
    }

    public BoltPlanScore score() {
        List<Rest> orphans = rests.stream().filter(rest -> rest.kind() == RestRule.Kind.ORPHAN).toList();
        return new BoltPlanScore(
                bagsBuilt(),
                orphans.size(),
                orphans.stream().map(Rest::length).reduce(Length.ZERO, Length::plus),
                rests.size());
    }

    /** How many bags of each group are asked for and not built, by the group's name; only those short. */
    public Map<String, Integer> missing(BoltRequest request) {
        Map<String, Integer> missing = new java.util.LinkedHashMap<>();
        for (int i = 0; i < built.size(); i++) {
            BagGroup group = request.groups().get(i);
            if (built.get(i) < group.quantity()) {
                missing.put(group.name(), group.quantity() - built.get(i));
            }
        }
        return missing;
    }
}
