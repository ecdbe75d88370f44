package retazo.core.bolt;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import retazo.core.measure.Length;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The bolt planner against worked cases: every plan is proved, and it builds as many bags as can be built. */
class BoltCasesTest {

    private final BoltPlanner planner = new HeuristicBoltPlanner();

    @TestFactory
    Stream<DynamicTest> plans_hold_and_build_the_most_bags() throws IOException {
        try (InputStream file = BoltCasesTest.class.getResourceAsStream("/cases/bolts.json")) {
            List<JsonNode> cases = new ArrayList<>();
            JsonMapper.shared().readTree(file).get("cases").forEach(cases::add);
            return cases.stream().map(node -> DynamicTest.dynamicTest(node.get("id").asString(), () -> {
                BoltRequest request = request(node.get("input"));

                BoltPlan plan = planner.mostBags(request);
                BoltPlan inOrder = planner.inOrderAsked(request);

                assertThat(BoltPlanCheck.faults(request, plan)).isEmpty();
                assertThat(BoltPlanCheck.faults(request, inOrder)).isEmpty();
                assertThat(plan.bagsBuilt()).isEqualTo(node.get("expected").get("kitsBuilt").asInt());
                assertThat(inOrder.bagsBuilt()).isLessThanOrEqualTo(plan.bagsBuilt());
            }));
        }
    }

    private static BoltRequest request(JsonNode input) {
        Map<String, List<BoltStock>> fabrics = new LinkedHashMap<>();
        input.get("fabrics").forEach(fabric -> fabrics.put(
                fabric.get("code").asString(),
                fabric.get("bolts").valueStream()
                        .map(bolt -> new BoltStock(
                                bolt.get("id").asString(), Length.parse(bolt.get("length").asString()), Length.ofInches(40), false))
                        .toList()));
        List<BagGroup> groups = input.get("kits").valueStream()
                .map(kit -> {
                    Map<String, Length> lengths = new LinkedHashMap<>();
                    kit.get("lengths").propertyStream()
                            .forEach(entry -> lengths.put(entry.getKey(), Length.parse(entry.getValue().asString())));
                    return new BagGroup(kit.get("name").asString(), kit.get("quantity").asInt(), lengths);
                })
                .toList();
        return new BoltRequest(
                fabrics, groups,
                new RestRule(Length.parse(input.get("remnant").asString()), Length.parse(input.get("nothing").asString())));
    }
}
