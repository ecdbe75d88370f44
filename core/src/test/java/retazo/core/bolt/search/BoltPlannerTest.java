package retazo.core.bolt.search;

import retazo.core.bolt.KitsPossible;
import retazo.core.bolt.BoltRequest;
import retazo.core.bolt.BoltStock;
import retazo.core.bolt.search.Shortage;
import retazo.core.bolt.BoltPlanCheck;
import retazo.core.bolt.RestRule;
import retazo.core.bolt.BoltPlan;
import retazo.core.bolt.BagGroup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import retazo.core.kit.BillLine;
import retazo.core.kit.BillOfMaterials;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

class BoltPlannerTest {

    private static final RestRule RESTS = new RestRule(Length.ofInches(18), Length.ofInches(2));

    @Test
    void three_bolts_of_nearly_two_yards_give_three_cuts_of_one() {
        List<BoltStock> bolts = List.of(bolt("x", "68 2/5"), bolt("y", "68 2/5"), bolt("z", "68 2/5"));

        KitsPossible possible = KitsPossible.of(
                new BillOfMaterials(List.of(
                        cut("RUST", Length.ofYards(1, 1)), cut("TIN", Length.ofYards(1, 2)),
                        new BillLine.Picked("ROLL", List.of("C"), new Count(2)))),
                Map.of("RUST", bolts, "TIN", List.of(bolt("t", "90"))),
                Map.of("ROLL", new Count(9)));

        assertThat(possible.bags()).isEqualTo(new Count(3));
        assertThat(possible.stoppedBy()).containsExactly("RUST");
        assertThat(possible.bagsByCode()).containsEntry("TIN", new Count(5)).containsEntry("ROLL", new Count(4));
    }

    @Test
    void a_pack_that_is_not_there_stops_a_kit() {
        KitsPossible possible = KitsPossible.of(
                new BillOfMaterials(List.of(new BillLine.Picked("ROLL", List.of("C"), Count.ONE))), Map.of(), Map.of());

        assertThat(possible.bags()).isEqualTo(new Count(0));
        assertThat(possible.stoppedBy()).containsExactly("ROLL");
    }

    private static BillLine cut(String code, Length length) {
        return new BillLine.Cut(code, List.of("A"), length, length, Length.ofInches(40), Optional.empty());
    }

    /** 60 in give three cribs of 18, or one throw of 40 and one crib: most bags favours small sizes, the order asked does not. */
    @Test
    void most_bags_and_the_order_asked_are_two_answers() {
        BoltRequest request = request(
                Map.of("F", List.of(bolt("f1", "60"))),
                new BagGroup("throw", 1, Map.of("F", inches("40"))),
                new BagGroup("crib", 3, Map.of("F", inches("18"))));

        assertThat(BoltPlanner.of(request).mostBags().built()).containsExactly(0, 3);
        assertThat(BoltPlanner.of(request).inOrderAsked().built()).containsExactly(1, 1);
    }

    @Test
    void a_plan_prefers_rests_that_can_be_sold() {
        BoltRequest request = request(
                Map.of("F", List.of(bolt("f1", "45"), bolt("f2", "60"))), new BagGroup("one", 1, Map.of("F", inches("40"))));

        BoltPlan plan = BoltPlanner.of(request).mostBags();

        assertThat(plan.cuts()).extracting(BoltPlan.PlannedLength::boltId).containsExactly("f2");
        assertThat(plan.rests()).extracting(BoltPlan.Rest::length, BoltPlan.Rest::kind)
                .containsExactly(tuple(inches("20"), RestRule.Kind.REMNANT));
    }

    @Test
    void rests_at_the_limits_are_no_orphans() {
        assertThat(RESTS.kindOf(inches("2"))).isEqualTo(RestRule.Kind.NOTHING);
        assertThat(RESTS.kindOf(inches("2 1/8"))).isEqualTo(RestRule.Kind.ORPHAN);
        assertThat(RESTS.kindOf(inches("17 7/8"))).isEqualTo(RestRule.Kind.ORPHAN);
        assertThat(RESTS.kindOf(inches("18"))).isEqualTo(RestRule.Kind.REMNANT);
    }

    @Test
    void narrow_bolts_are_not_offered() {
        BoltStock narrow = new BoltStock("narrow", inches("90"), inches("39 1/2"), false);

        assertThat(BoltRequest.wideEnough(List.of(narrow, bolt("wide", "20")), inches("40")))
                .extracting(BoltStock::id).containsExactly("wide");
    }

    /** Four cuts of 36 on bolts of 80 and 40: three fit, one yard is missing. */
    @Test
    void a_shortage_names_the_fabric_and_how_much_is_missing() {
        BoltRequest request = request(
                Map.of("F", List.of(bolt("f1", "80"), bolt("f2", "40")), "G", List.of(bolt("g", "200"))),
                new BagGroup("throw", 4, Map.of("F", inches("36"), "G", inches("9"))));

        assertThat(Shortage.of(request)).containsExactly(new Shortage("F", inches("36"), 1));
        assertThat(BoltPlanner.of(request).mostBags().missing(request)).isEqualTo(Map.of("throw", 1));
    }

    @Test
    void the_check_finds_every_kind_of_fault() {
        BoltRequest request = request(Map.of("F", List.of(bolt("f1", "60"))), new BagGroup("one", 2, Map.of("F", inches("40"))));
        BoltPlan.PlannedLength first = new BoltPlan.PlannedLength("F", "f1", 0, 0, inches("40"));
        BoltPlan.PlannedLength short39 = new BoltPlan.PlannedLength("F", "f1", 0, 1, inches("39"));
        BoltPlan.Rest rest = new BoltPlan.Rest("F", "f1", inches("20"), RestRule.Kind.REMNANT);

        assertThat(BoltPlanCheck.faults(request, new BoltPlan(List.of(1), List.of(first), List.of(rest)))).isEmpty();
        assertThat(BoltPlanCheck.faults(request, new BoltPlan(List.of(3), List.of(first), List.of(rest)))).isNotEmpty();
        assertThat(BoltPlanCheck.faults(request, new BoltPlan(List.of(2), List.of(first), List.of(rest)))).isNotEmpty();
        assertThat(BoltPlanCheck.faults(request, new BoltPlan(List.of(2), List.of(first, first), List.of(rest)))).isNotEmpty();
        assertThat(BoltPlanCheck.faults(request, new BoltPlan(List.of(2), List.of(first, short39), List.of(rest)))).isNotEmpty();
        assertThat(BoltPlanCheck.faults(request, new BoltPlan(List.of(1), List.of(first), List.of()))).isNotEmpty();
    }

    /** Small runs against every choice and every distribution tried by brute force. */
    @Property(tries = 150)
    void small_runs_build_as_many_bags_as_brute_force(
            @ForAll @Size(min = 1, max = 3) List<@IntRange(min = 5, max = 60) Integer> bolts,
            @ForAll @Size(min = 1, max = 2) List<@IntRange(min = 5, max = 30) Integer> lengths,
            @ForAll @IntRange(min = 1, max = 3) int quantity) {
        List<BoltStock> stock = new ArrayList<>();
        for (int i = 0; i < bolts.size(); i++) {
            stock.add(bolt("b" + i, bolts.get(i).toString()));
        }
        List<BagGroup> groups = new ArrayList<>();
        for (int i = 0; i < lengths.size(); i++) {
            groups.add(new BagGroup("g" + i, quantity, Map.of("F", Length.ofInches(lengths.get(i)))));
        }
        BoltRequest request = new BoltRequest(Map.of("F", stock), groups, RESTS);

        BoltPlan plan = BoltPlanner.of(request).mostBags();

        assertThat(BoltPlanCheck.faults(request, plan)).isEmpty();
        assertThat(BoltPlanCheck.faults(request, BoltPlanner.of(request).inOrderAsked())).isEmpty();
        assertThat(plan.bagsBuilt()).isEqualTo(mostByBruteForce(bolts, lengths, quantity));
    }

    private static int mostByBruteForce(List<Integer> bolts, List<Integer> lengths, int quantity) {
        List<Integer> all = new ArrayList<>();
        lengths.forEach(length -> all.addAll(java.util.Collections.nCopies(quantity, length)));
        return most(all, 0, bolts.stream().mapToInt(Integer::intValue).toArray());
    }

    private static int most(List<Integer> lengths, int next, int[] rests) {
        if (next == lengths.size()) {
            return 0;
        }
        int best = most(lengths, next + 1, rests);
        for (int bolt = 0; bolt < rests.length; bolt++) {
            if (rests[bolt] >= lengths.get(next)) {
                rests[bolt] -= lengths.get(next);
                best = Math.max(best, 1 + most(lengths, next + 1, rests));
                rests[bolt] += lengths.get(next);
            }
        }
        return best;
    }

    private static BoltRequest request(Map<String, List<BoltStock>> fabrics, BagGroup... groups) {
        return new BoltRequest(fabrics, List.of(groups), RESTS);
    }

    private static BoltStock bolt(String id, String free) {
        return new BoltStock(id, inches(free), inches("40"), false);
    }

    private static Length inches(String text) {
        return Length.parse(text);
    }
}
