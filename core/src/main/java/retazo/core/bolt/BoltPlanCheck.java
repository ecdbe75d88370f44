package retazo.core.bolt;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import retazo.core.measure.Length;

/**
 * Proves a plan from its request alone: every bag built has each of its lengths exactly once, whole and from one bolt of
 * the right fabric; no bolt gives more than it has; rests are what is left; no more bags than asked.
 */
public final class BoltPlanCheck {

    private BoltPlanCheck() {
    }

    /** What is wrong with a plan, in words for a log; empty when it holds. */
    public static List<String> faults(BoltRequest request, BoltPlan plan) {
        List<String> faults = new ArrayList<>();
        checkBags(request, plan, faults);
        checkBolts(request, plan, faults);
        checkGoods(request, plan, faults);
        return faults;
    }

    private static void checkBags(BoltRequest request, BoltPlan plan, List<String> faults) {
        Set<String> seen = new HashSet<>();
        int wanted = 0;
        for (int group = 0; group < request.groups().size(); group++) {
            BagGroup bags = request.groups().get(group);
            int built = group < plan.built().size() ? plan.built().get(group) : -1;
            if (built < 0 || built > bags.quantity()) {
                faults.add("group '" + bags.name() + "' builds " + built + " of " + bags.quantity());
            }
            wanted += Math.max(0, built) * bags.lengths().size();
        }
        for (BoltPlan.PlannedLength cut : plan.cuts()) {
            BagGroup bags = request.groups().get(cut.group());
            if (cut.bag() < 0 || cut.bag() >= plan.built().get(cut.group())) {
                faults.add("bag " + cut.bag() + " of '" + bags.name() + "' is not built");
            }
            if (!cut.length().equals(bags.lengths().get(cut.fabricCode()))) {
                faults.add("'" + bags.name() + "' takes " + bags.lengths().get(cut.fabricCode()) + " and not " + cut.length());
            }
            if (!seen.add(cut.fabricCode() + "/" + cut.group() + "/" + cut.bag())) {
                faults.add("bag " + cut.bag() + " of '" + bags.name() + "' has " + cut.fabricCode() + " twice");
            }
        }
        if (plan.cuts().size() != wanted) {
            faults.add(plan.cuts().size() + " cuts for " + wanted + " lengths");
        }
    }

    private static void checkBolts(BoltRequest request, BoltPlan plan, List<String> faults) {
        Map<String, Length> used = new HashMap<>();
        for (BoltPlan.PlannedLength cut : plan.cuts()) {
            boolean ofFabric = request.bolts(cut.fabricCode()).stream().anyMatch(bolt -> bolt.id().equals(cut.boltId()));
            if (!ofFabric) {
                faults.add("bolt '" + cut.boltId() + "' is none of " + cut.fabricCode());
            }
            used.merge(cut.boltId(), cut.length(), Length::plus);
        }
        Map<String, Length> rests = new HashMap<>();
        plan.rests().forEach(rest -> rests.put(rest.boltId(), rest.length()));
        if (rests.size() != plan.rests().size() || !rests.keySet().equals(used.keySet())) {
            faults.add("rests of " + rests.keySet() + " for bolts " + used.keySet());
        }
        request.fabrics().values().forEach(bolts -> bolts.forEach(bolt -> {
            Length left = bolt.free().minus(used.getOrDefault(bolt.id(), Length.ZERO));
            Length beyond = used.getOrDefault(bolt.id(), Length.ZERO).minus(bolt.toPlan());
            if (beyond.isPositive()) {
                faults.add("bolt '" + bolt.id() + "' is short by " + beyond);
            }
            if (rests.containsKey(bolt.id()) && !rests.get(bolt.id()).equals(left)) {
                faults.add("bolt '" + bolt.id() + "' keeps " + left + " and not " + rests.get(bolt.id()));
            }
        }));
    }

    private static void checkGoods(BoltRequest request, BoltPlan plan, List<String> faults) {
        int[] built = plan.built().stream().mapToInt(Integer::intValue).toArray();
        for (String code : request.neededGoods()) {
            if (request.picked(code, built) > request.free(code)) {
                faults.add("picks " + request.picked(code, built) + " of " + code + " and there are " + request.free(code));
            }
        }
    }
}
