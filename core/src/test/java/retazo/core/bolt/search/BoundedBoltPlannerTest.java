package retazo.core.bolt.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import retazo.core.bolt.BagGroup;
import retazo.core.bolt.BoltPlan;
import retazo.core.bolt.BoltPlanCheck;
import retazo.core.bolt.BoltRequest;
import retazo.core.bolt.BoltStock;
import retazo.core.bolt.RestRule;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/** Planning downwards from a bound, against the exact planner where both can, and by plans that are known for larger runs. */
class BoundedBoltPlannerTest {

    private static final RestRule RESTS = new RestRule(Length.ofInches(18), Length.ofInches(2));

    /** The bound is never below what can be built, and on small runs nearly all is built that can be. */
    @Property(tries = 150)
    void what_it_builds_stands_between_the_best_plan_and_its_bound(@ForAll Random random) {
        BoltRequest request = request(random, 1 + random.nextInt(3), 2 + random.nextInt(4), 1 + random.nextInt(3), 4);

        BoundedBoltPlanner bounded = bounded(request);
        BoltPlan most = bounded.mostBags();
        BoltPlan inOrder = bounded.inOrderAsked();
        int best = ExactBoltPlanner.of(request).orElseThrow().mostBags().bagsBuilt();

        assertThat(BoltPlanCheck.faults(request, most)).isEmpty();
        assertThat(BoltPlanCheck.faults(request, inOrder)).isEmpty();
        assertThat(bounded.bound()).isGreaterThanOrEqualTo(best);
        assertThat(most.bagsBuilt()).isBetween(Math.max(best - 1, inOrder.bagsBuilt()), best);
        BoltPlan byPriority = bounded.byPriority();
        assertThat(BoltPlanCheck.faults(request, byPriority)).isEmpty();
        assertThat(ofFirstTurn(request, byPriority))
                .isBetween(
                        ofFirstTurn(request, ExactBoltPlanner.of(request).orElseThrow().byPriority()) - 1,
                        ofFirstTurn(request, ExactBoltPlanner.of(request).orElseThrow().byPriority()));
    }

    private static int ofFirstTurn(BoltRequest request, BoltPlan plan) {
        return IntStream.range(0, request.groups().size()).filter(group -> request.groups().get(group).turn() == 0)
                .map(plan.built()::get).sum();
    }

    /** Ten bolts of 100 in and four packs, of which each bag takes one: by cloth twenty bags of 50 in, by packs four. */
    @Test
    void the_bound_counts_what_is_picked() {
        BoltRequest request = new BoltRequest(Map.of("F", bolts(10, 100)),
                List.of(new BagGroup("large", 30, Map.of("F", Length.ofInches(50)), Map.of("pack", new Count(1)), 0)), RESTS,
                Map.of("pack", new Count(4)));

        assertThat(bounded(request).bound()).isEqualTo(4);
        assertThat(bounded(request).mostBags().bagsBuilt()).isEqualTo(4);
    }

    /**
     * Packs for five bags, and two kits that take one: the first takes 60 in, so one of a bolt of 100 in; the second takes 50 in and two
     * come from a bolt. Of three bolts the most are five: handed out in the order asked, packs alone would stop nothing.
     */
    @Test
    void packs_and_bolts_are_weighed_together() {
        BoltRequest request = new BoltRequest(Map.of("F", bolts(3, 100)),
                List.of(new BagGroup("large", 4, Map.of("F", Length.ofInches(60)), Map.of("pack", new Count(1)), 0),
                        new BagGroup("small", 4, Map.of("F", Length.ofInches(50)), Map.of("pack", new Count(1)), 0)),
                RESTS, Map.of("pack", new Count(5)));

        assertThat(BoltPlanner.of(request).mostBags().built()).containsExactly(1, 4);
        assertThat(BoltPlanner.of(request).inOrderAsked().built()).containsExactly(3, 0);
    }

    /** One bag more than the order asked gives, where the time is up at once nothing is found. */
    @Test
    void a_longer_search_finds_more_or_ends_when_it_is_told_to() {
        BoltRequest request = new BoltRequest(Map.of("F", bolts(3, 100)),
                List.of(new BagGroup("large", 4, Map.of("F", Length.ofInches(60))),
                        new BagGroup("small", 6, Map.of("F", Length.ofInches(50)))),
                RESTS);

        assertThat(LongerSearch.moreThan(request, 3, () -> true).orElseThrow().bagsBuilt()).isEqualTo(6);
        assertThat(LongerSearch.moreThan(request, 6, () -> true)).isEmpty();
        assertThat(LongerSearch.moreThan(request, 3, () -> false)).isEmpty();
    }

    private static List<BoltStock> bolts(int many, int inches) {
        return IntStream.range(0, many)
                .mapToObj(bolt -> new BoltStock("b" + bolt, Length.ofInches(inches), Length.ofInches(40), false)).toList();
    }

    /** Lengths in millimetres beside lengths in inches have no common unit worth the name: plans hold, and the bound is one. */
    @Property(tries = 40)
    void lengths_without_a_common_unit_are_planned_as_well(@ForAll Random random) {
        List<BoltStock> bolts = new ArrayList<>();
        for (int bolt = 0; bolt < 3; bolt++) {
            bolts.add(new BoltStock("b" + bolt, Length.ofMillimetres(1500 + random.nextInt(2500)), Length.ofInches(40), false));
        }
        BoltRequest request = new BoltRequest(Map.of("F", bolts), List.of(
                new BagGroup("inch", 3, Map.of("F", Length.ofInches(161 + random.nextInt(160), 8))),
                new BagGroup("metre", 3, Map.of("F", Length.ofMillimetres(501 + random.nextInt(400))))), RESTS);

        BoundedBoltPlanner bounded = bounded(request);
        int best = ExactBoltPlanner.of(request).orElseThrow().mostBags().bagsBuilt();

        assertThat(BoltPlanCheck.faults(request, bounded.mostBags())).isEmpty();
        assertThat(bounded.mostBags().bagsBuilt()).isBetween(best - 1, best);
        assertThat(bounded.bound()).isGreaterThanOrEqualTo(best);
    }

    /**
     * Bolts that were made by laying 120 bags on them without any rest: all 120 can be built, and the bound says so. Found again, or all
     * but one of them.
     */
    @Test
    void a_run_that_was_cut_from_its_bolts_without_rest_is_found_again() {
        Random random = new Random(7);
        int[] quantities = {30, 30, 30, 30};
        Map<String, List<BoltStock>> fabrics = new HashMap<>();
        List<Map<String, Length>> lengths = List.of(new HashMap<>(), new HashMap<>(), new HashMap<>(), new HashMap<>());
        for (int fabric = 0; fabric < 6; fabric++) {
            String code = "F" + fabric;
            List<Length> open = new ArrayList<>();
            for (int kit = 0; kit < quantities.length; kit++) {
                Length length = Length.ofYards(4 + kit * 3 + random.nextInt(3), 8);
                lengths.get(kit).put(code, length);
                for (int bag = 0; bag < quantities[kit]; bag++) {
                    open.add(length);
                }
            }
            java.util.Collections.shuffle(open, random);
            List<BoltStock> bolts = new ArrayList<>();
            for (int from = 0; from < open.size(); from += 6) {
                Length bolt = open.subList(from, Math.min(open.size(), from + 6)).stream().reduce(Length.ZERO, Length::plus);
                bolts.add(new BoltStock(code + "-" + from, bolt, Length.ofInches(40), false));
            }
            fabrics.put(code, bolts);
        }
        List<BagGroup> groups = new ArrayList<>();
        for (int kit = 0; kit < quantities.length; kit++) {
            groups.add(new BagGroup("kit" + kit, quantities[kit], lengths.get(kit)));
        }
        BoltRequest request = new BoltRequest(fabrics, groups, RESTS);

        BoltPlanner planner = BoltPlanner.of(request);

        assertThat(planner).isInstanceOf(BoundedBoltPlanner.class);
        assertThat(planner.bound()).isEqualTo(120);
        assertThat(BoltPlanCheck.faults(request, planner.mostBags())).isEmpty();
        assertThat(planner.mostBags().bagsBuilt()).isGreaterThanOrEqualTo(119);
    }

    /**
     * One fabric of ten bolts of 100 in, bags of 34 and of 51 in: by sums 19 of the larger fit beside none, but a bolt gives one only.
     */
    @Test
    void the_bound_counts_what_a_bolt_really_gives() {
        BoltRequest request = new BoltRequest(Map.of("F", bolts(10, 100)),
                List.of(new BagGroup("large", 30, Map.of("F", Length.ofInches(51)))),
                RESTS);

        assertThat(bounded(request).bound()).isEqualTo(10);
        assertThat(bounded(request).mostBags().bagsBuilt()).isEqualTo(10);
    }

    private static BoundedBoltPlanner bounded(BoltRequest request) {
        return new BoundedBoltPlanner(request, Effort.WAITED_FOR);
    }

    private static BoltRequest request(Random random, int fabricCount, int boltCount, int groupCount, int mostBags) {
        Map<String, List<BoltStock>> fabrics = new HashMap<>();
        for (int fabric = 0; fabric < fabricCount; fabric++) {
            List<BoltStock> bolts = new ArrayList<>();
            for (int bolt = 0; bolt < boltCount; bolt++) {
                bolts.add(new BoltStock("f" + fabric + "b" + bolt, Length.ofInches(30 + random.nextInt(120)), Length.ofInches(40), false));
            }
            fabrics.put("F" + fabric, bolts);
        }
        List<BagGroup> groups = new ArrayList<>();
        for (int group = 0; group < groupCount; group++) {
            Map<String, Length> lengths = new HashMap<>();
            fabrics.keySet().stream().sorted().filter(code -> random.nextInt(5) > 0)
                    .forEach(code -> lengths.put(code, Length.ofInches(12 + random.nextInt(60))));
            Map<String, Count> picked = random.nextInt(3) == 0 ? Map.of("pack", new Count(1 + random.nextInt(2))) : Map.of();
            groups.add(new BagGroup("g" + group, 1 + random.nextInt(mostBags), lengths, picked, random.nextInt(2)));
        }
        return new BoltRequest(fabrics, groups, RESTS, Map.of("pack", new Count(random.nextInt(6))));
    }
}
