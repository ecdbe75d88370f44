package retazo.core.cases;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import retazo.core.bolt.BagGroup;
import retazo.core.bolt.BoltPlan;
import retazo.core.bolt.BoltPlanCheck;
import retazo.core.bolt.BoltPlanScore;
import retazo.core.bolt.BoltRequest;
import retazo.core.bolt.BoltStock;
import retazo.core.bolt.search.BoltPlanner;
import retazo.core.bolt.RestRule;
import retazo.core.measure.Length;

/** Puts the cases of bolts to the core; the plan is proved before its score counts. */
final class BoltAnswers {

    private BoltAnswers() {
    }

    static BoltRequest request(CaseObject input) {
        Map<String, List<BoltStock>> fabrics = new LinkedHashMap<>();
        for (CaseObject fabric : input.objects("fabrics")) {
            fabrics.put(fabric.text("code"), fabric.objects("bolts").stream()
                    .map(bolt -> new BoltStock(bolt.text("id"), bolt.length("length"), Length.ofInches(40), false)).toList());
        }
        List<BagGroup> groups = input.objects("kits").stream().map(kit -> {
            Map<String, Length> lengths = new HashMap<>();
            kit.get("lengths").propertyStream().forEach(entry -> lengths.put(entry.getKey(), Length.parse(entry.getValue().asString())));
            return new BagGroup(kit.text("name"), kit.number("quantity"), lengths);
        }).toList();
        return new BoltRequest(fabrics, groups, new RestRule(input.length("remnant"), input.length("nothing")));
    }

    static Map<String, Object> of(CaseObject input) {
        BoltRequest request = request(input);
        BoltPlan plan = proved(request, BoltPlanner.of(request).mostBags());
        if (proved(request, BoltPlanner.of(request).inOrderAsked()).bagsBuilt() > plan.bagsBuilt()) {
            throw new AssertionError("The order asked builds more bags than the most.");
        }
        BoltPlanScore score = plan.score();
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("kitsBuilt", Integer.toString(score.bagsBuilt()));
        answer.put("orphans", Integer.toString(score.orphans()));
        answer.put("orphanLength", FinishingAnswers.text(score.orphanLength()));
        answer.put("boltsOpened", Integer.toString(score.boltsOpened()));
        return answer;
    }

    private static BoltPlan proved(BoltRequest request, BoltPlan plan) {
        List<String> faults = BoltPlanCheck.faults(request, plan);
        if (!faults.isEmpty()) {
            throw new AssertionError("The plan does not hold: " + faults);
        }
        return plan;
    }
}
