package retazo.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import retazo.core.bolt.BoltStock;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

class SeasonPlanTest {

    private static final Count MANY = new Count(1_000);
    private static final Length WIDTH = Length.ofInches(40);

    /**
     * Three kits, four fabrics, a bolt of each. A takes 2 yd of navy and 1 yd of cream, B 1 yd of navy and 2 yd of teal, C 3 yd of cream
     * and 1 yd of rust. Navy 10 yd, cream 9 yd, teal 8 yd, rust 2 yd. Teal gives at most four of B, rust two of C. Worth 90, 50, 70:
     * with two of C cream has 3 yd left, for three of A; navy then has 4 yd left, for four of B: 270 + 200 + 140 = 610. With one of C there
     * is cream for six of A, and navy for five of them, or for three and four of B: 270 + 200 + 70 = 540, or 450 + 70 = 520. Without C:
     * 90 · 5 = 450, or 90 · 3 + 50 · 4 = 470.
     */
    @Test
    void three_kits_that_share_four_fabrics_are_numbered_as_by_hand() {
        SeasonPlan plan = SeasonPlan.best(byHand(), SeasonPlan.Aim.WORTH);

        assertThat(plan.numbers()).containsExactly(
                Map.entry("A", new Count(3)), Map.entry("B", new Count(4)), Map.entry("C", new Count(2)));
        assertThat(plan.worth()).isEqualTo(610);
        assertThat(plan.bound()).as("cloth in parts of a yard gives no more here").isEqualTo(610);
        assertThat(plan.isBest()).isTrue();
    }

    /** Two of A take 4 of 5 yd of navy; B, worth 40 for its yard, takes the last: a yard more brings one more. Of cream there is enough. */
    @Test
    void what_a_yard_more_would_be_worth_is_said_of_what_is_scarce() {
        Season season = new Season(
                List.of(kit("A", 90, MANY, Map.of("NAVY", yards(2), "CREAM", yards(1)))),
                Map.of("NAVY", List.of(bolt("n", yards(5))), "CREAM", List.of(bolt("c", yards(9)))), Map.of());

        assertThat(SeasonPlan.best(season, SeasonPlan.Aim.WORTH).scarce()).isEmpty();
        Season many = new Season(
                List.of(kit("A", 90, MANY, Map.of("NAVY", yards(2), "CREAM", yards(1))), kit("B", 40, MANY, Map.of("NAVY", yards(1)))),
                season.cloths(), Map.of());
        SeasonPlan plan = SeasonPlan.best(many, SeasonPlan.Aim.WORTH);
        assertThat(plan.scarce()).containsOnlyKeys("NAVY");
        assertThat(plan.worthOfMore("NAVY", yards(1))).isEqualTo(40);
        assertThat(plan.worthOfMore("CREAM", yards(1))).isZero();
    }

    @Test
    void each_cloth_is_shared_by_what_the_kits_take() {
        List<Season.Share> shares = byHand().shares(Map.of("A", new Count(3), "B", new Count(4), "C", new Count(2)));

        assertThat(shares).extracting(Season.Share::code).containsExactly("CREAM", "NAVY", "RUST", "TEAL");
        assertThat(shares.get(0).taken()).isEqualTo(Map.of("A", yards(3), "C", yards(6)));
        assertThat(shares).extracting(Season.Share::left).containsExactly(yards(0), yards(0), yards(0), yards(0));
        assertThat(shares).allMatch(Season.Share::suffices);
    }

    /** Of 9 yd of cream three of C take all; a fourth finds no place, nor do the two of A. */
    @Test
    void what_finds_no_place_is_said() {
        Season.Share cream = byHand().shares(Map.of("A", new Count(2), "C", new Count(4))).get(0);

        assertThat(cream.suffices()).isFalse();
        assertThat(cream.unlaid()).containsExactly(yards(3), yards(1), yards(1));
        assertThat(cream.left()).isEqualTo(Length.ZERO);
    }

    /** 10 yd on bolts of 5 yd give two cuts of 3 yd and not three. */
    @Test
    void cuts_are_not_sewn_together_from_two_bolts() {
        Season season = new Season(
                List.of(kit("A", 10, MANY, Map.of("NAVY", yards(3)))), Map.of("NAVY", List.of(bolt("1", yards(5)), bolt("2", yards(5)))),
                Map.of());

        SeasonPlan plan = SeasonPlan.best(season, SeasonPlan.Aim.WORTH);

        assertThat(plan.numbers()).containsEntry("A", new Count(2));
        assertThat(plan.bound()).as("alone it can be made twice").isEqualTo(20);
    }

    @Test
    void goods_bind_as_cloth_does_and_wishes_are_kept() {
        Season season = new Season(
                List.of(new SeasonKit("A", 10, new Count(0), MANY, Map.of("NAVY", yards(1)), Map.of("COPY", new Count(2))),
                        new SeasonKit("B", 3, new Count(4), new Count(5), Map.of("NAVY", yards(1)), Map.of())),
                Map.of("NAVY", List.of(bolt("1", yards(20)))), Map.of("COPY", new Count(7)));

        SeasonPlan plan = SeasonPlan.best(season, SeasonPlan.Aim.WORTH);

        assertThat(plan.numbers()).containsExactly(Map.entry("A", new Count(3)), Map.entry("B", new Count(5)));
        assertThat(season.lacking("COPY", Map.of("A", new Count(5)))).isEqualTo(new Count(3));
    }

    /** Two for each first: B has no more teal at four, A no more navy at three. */
    @Test
    void evenly_the_lowest_number_is_raised_first() {
        SeasonPlan plan = SeasonPlan.best(byHand(), SeasonPlan.Aim.EVEN);

        assertThat(plan.numbers()).containsExactly(
                Map.entry("A", new Count(3)), Map.entry("B", new Count(4)), Map.entry("C", new Count(2)));
    }

    @Test
    void what_is_made_in_any_case_and_does_not_fit_is_answered_as_it_was_asked() {
        Season season = new Season(
                List.of(new SeasonKit("A", 10, new Count(3), MANY, Map.of("NAVY", yards(1)), Map.of())),
                Map.of("NAVY", List.of(bolt("1", yards(2)))), Map.of());

        assertThat(SeasonPlan.best(season, SeasonPlan.Aim.WORTH).numbers()).containsEntry("A", new Count(3));
        assertThat(season.shares(Map.of("A", new Count(3))).get(0).unlaid()).containsExactly(yards(1));
    }

    @Test
    void a_kit_that_takes_nothing_or_occurs_twice_is_refused() {
        assertThatThrownBy(() -> kit("A", 1, MANY, Map.of())).isInstanceOf(IllegalArgumentException.class);
        SeasonKit kit = kit("A", 1, MANY, Map.of("NAVY", yards(1)));
        assertThatThrownBy(() -> new Season(List.of(kit, kit), Map.of(), Map.of())).isInstanceOf(IllegalArgumentException.class);
    }

    /** Against every way to give each kit a number, each looked at by laying every cut on every bolt. */
    @Property(tries = 150)
    void nothing_is_worth_more_than_the_bound_and_what_is_found_can_be_cut(@ForAll long seed) {
        Random chance = new Random(seed);
        Season season = chance(chance, 2 + chance.nextInt(3), 1 + chance.nextInt(4), 4);
        SeasonPlan plan = SeasonPlan.best(season, SeasonPlan.Aim.WORTH);

        long best = everyWay(season, 0, new LinkedHashMap<>());
        assertThat(plan.bound()).isGreaterThanOrEqualTo(best);
        assertThat(plan.worth()).isLessThanOrEqualTo(plan.bound());
        assertThat(season.shares(plan.numbers())).allMatch(Season.Share::suffices);
        assertThat(plan.worth()).as("few ways are all tried").isGreaterThanOrEqualTo(best);
    }

    @Property(tries = 25)
    void many_kits_are_numbered_so_that_all_can_be_cut_and_near_the_bound(@ForAll long seed) {
        Random chance = new Random(seed);
        Season season = chance(chance, 12 + chance.nextInt(20), 8 + chance.nextInt(12), 12);

        for (SeasonPlan.Aim aim : SeasonPlan.Aim.values()) {
            SeasonPlan plan = SeasonPlan.best(season, aim);
            assertThat(season.shares(plan.numbers())).allMatch(Season.Share::suffices);
            assertThat(plan.worth()).isLessThanOrEqualTo(plan.bound());
            if (aim == SeasonPlan.Aim.WORTH) {
                assertThat(plan.worth()).isGreaterThanOrEqualTo(plan.bound() * 3 / 4);
            }
        }
    }

    private static long everyWay(Season season, int at, Map<String, Count> numbers) {
        if (at == season.kits().size()) {
            return season.kits().stream().mapToLong(kit -> kit.worth() * numbers.get(kit.id()).value()).sum();
        }
        SeasonKit kit = season.kits().get(at);
        long best = 0;
        for (long number = 0; number <= kit.most().value(); number++) {
            numbers.put(kit.id(), new Count(number));
            if (!season.shares(numbers).stream().allMatch(Season.Share::suffices)) {
                break;
            }
            best = Math.max(best, everyWay(season, at + 1, numbers));
        }
        numbers.remove(kit.id());
        return best;
    }

    private static Season chance(Random chance, int kits, int fabrics, int most) {
        Map<String, List<BoltStock>> cloths = new LinkedHashMap<>();
        for (int fabric = 0; fabric < fabrics; fabric++) {
            List<BoltStock> bolts = new ArrayList<>();
            int count = 1 + chance.nextInt(3);
            for (int bolt = 0; bolt < count; bolt++) {
                bolts.add(bolt(fabric + "-" + bolt, Length.ofInches(20 + chance.nextInt(300))));
            }
            cloths.put("F" + fabric, bolts);
        }
        List<SeasonKit> all = new ArrayList<>();
        for (int kit = 0; kit < kits; kit++) {
            Map<String, Length> lengths = new LinkedHashMap<>();
            lengths.put("F" + chance.nextInt(fabrics), Length.ofInches(9 + chance.nextInt(60)));
            lengths.put("F" + chance.nextInt(fabrics), Length.ofInches(9 + chance.nextInt(60)));
            all.add(kit("K" + kit, 5 + chance.nextInt(90), new Count(1 + chance.nextInt(most)), lengths));
        }
        return new Season(all, cloths, Map.of());
    }

    private static Season byHand() {
        return new Season(
                List.of(kit("A", 90, MANY, Map.of("NAVY", yards(2), "CREAM", yards(1))),
                        kit("B", 50, MANY, Map.of("NAVY", yards(1), "TEAL", yards(2))),
                        kit("C", 70, MANY, Map.of("CREAM", yards(3), "RUST", yards(1)))),
                Map.of(
                        "NAVY", List.of(bolt("n", yards(10))), "CREAM", List.of(bolt("c", yards(9))), "TEAL", List.of(bolt("t", yards(8))),
                        "RUST", List.of(bolt("r", yards(2)))),
                Map.of());
    }

    private static SeasonKit kit(String id, long worth, Count most, Map<String, Length> lengths) {
        return new SeasonKit(id, worth, new Count(0), most, lengths, Map.of());
    }

    private static BoltStock bolt(String id, Length free) {
        return new BoltStock(id, free, WIDTH, false);
    }

    private static Length yards(long yards) {
        return Length.ofYards(yards, 1);
    }
}
