package retazo.core.kit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Count;
import retazo.core.measure.Problem;
import retazo.core.precut.SheetPlan;
import retazo.core.precut.SheetPlanCheck;
import retazo.core.prints.Print;
import retazo.core.prints.PrintValue;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.piece.CutCount;
import retazo.core.quilt.piece.CutForm;
import retazo.core.quilt.piece.CutList;
import retazo.core.quilt.piece.PrecutSource;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;
import retazo.core.quilt.size.Way;

/** What a rule about prints takes of packs, worked by hand. */
class PrintRuleTest {

    private static final ShopPractice PRACTICE = ShopPractice.customary();
    private static final RoleKey A = new RoleKey("a");
    private static final RoleKey B = new RoleKey("b");
    private static final RoleKey C = new RoleKey("c");
    private static final PrintRule.Part ALL_OF_A = part(1, A);

    /**
     * Nine blocks of 3 bars 2 1/2 × 17 and 4 squares of 4 1/2, from quarters planned as 17 1/2 × 20 1/2. Mixed: the pieces are 27 · 42.5
     * + 36 · 20.25 = 1,876.5 sq in, 5.2 quarters of 358.75, so 6 and one bundle of 8. As sets: 3 bars take 7 1/2 in, beside them 13 in
     * hold 2 by 3 squares; two sets are 6 bars, 15 in, beside which 3 squares stand and not 8. So one set to a quarter, nine quarters, two
     * bundles.
     */
    @Test
    void a_whole_set_from_one_quarter_takes_as_many_quarters_as_blocks() {
        QuiltDesign design = design(line(A, "2 1/2 x 17", 27), line(B, "4 1/2 x 4 1/2", 36));
        KitGood bundle = KitGood.mixed("bundle", PrecutKind.FAT_QUARTER, new Count(8), Optional.empty());

        assertThat(units(design, bundle).count().value()).isEqualTo(Count.ONE);
        assertThat(units(design, bundle).plan().orElseThrow().sheets()).isEqualTo(6);
        Need.Amount.Units sets = units(design, bundle.with(prints(List.of(), new PrintRule(9, List.of(part(1, A, B)), false))));
        assertThat(sets.count().value()).isEqualTo(new Count(2));
        assertThat(sets.prints().orElseThrow().allotment().sheets()).isEqualTo(9);
        assertThat(sets.prints().orElseThrow().oneFewer()).isEqualTo(8);
        SheetPlan plan = sets.plan().orElseThrow();
        assertThat(plan.sheets()).isEqualTo(9);
        assertThat(plan.cuts()).hasSize(1);
        assertThat(plan.cuts().get(0).diagram().counts()).isEqualTo(Map.of("A1", 3, "B1", 4));
        assertThat(SheetPlanCheck.faults(plan)).isEmpty();
    }

    /**
     * A block takes 20 squares of 2 1/2 of one print; a strip of 40 in gives 16, so it takes twins. Of a roll of 14 with 4 prints three
     * times and 2 once there are 4 pairs, and 14 strips would be enough for 11 blocks by number. 8 blocks: with 2 rolls there are 6
     * strips of each of four prints and twins of two, 12 + 2 pairs.
     */
    @Test
    void twins_are_counted_in_pairs_of_a_print() {
        QuiltDesign design = design(line(A, "2 1/2 x 2 1/2", 160));
        KitGood roll = KitGood.mixed("roll", PrecutKind.STRIP_ROLL, new Count(14), Optional.empty());
        List<Print> prints = new ArrayList<>(numbered(4, 3));
        prints.add(new Print("fog", PrintValue.LIGHT, 1));
        prints.add(new Print("mud", PrintValue.DARK, 1));

        assertThat(units(design, roll.with(prints(prints, null))).count().value()).isEqualTo(Count.ONE);
        assertThat(problems(design, roll.with(prints(prints, new PrintRule(8, List.of(ALL_OF_A), false)))))
                .containsExactly("kit.prints-set-too-large");
        Need.Amount.Units twins = units(design, roll.with(prints(prints, new PrintRule(8, List.of(part(2, A)), false))));
        assertThat(twins.count().value()).isEqualTo(new Count(2));
        assertThat(twins.prints().orElseThrow().oneFewer()).isEqualTo(4);
        assertThat(twins.prints().orElseThrow().allotment().sheets()).isEqualTo(16);
    }

    /**
     * Three roles of a unit from three prints, four units: twelve squares, and a pack of twelve. But nine of them are one print, of which
     * a unit takes one: with n packs Σ min(sheets, units) ≥ 3 · units gives one unit of a pack, three of two, and four of three packs.
     */
    @Test
    void three_tied_roles_are_one_matching() {
        QuiltDesign design = design(line(A, "9 x 9", 4), line(B, "9 x 9", 4), line(C, "9 x 9", 4));
        KitGood pack = KitGood.mixed("pack", PrecutKind.SQUARES_10, new Count(12), Optional.empty());
        List<Print> prints = new ArrayList<>(numbered(3, 1));
        prints.add(new Print("reed", PrintValue.DARK, 9));
        PrintRule tied = new PrintRule(4, List.of(part(1, A), part(1, B), part(1, C)), true);

        assertThat(units(design, pack.with(prints(prints, null))).count().value()).isEqualTo(Count.ONE);
        Need.Amount.Units matched = units(design, pack.with(prints(prints, tied)));
        assertThat(matched.count().value()).isEqualTo(new Count(3));
        assertThat(matched.prints().orElseThrow().oneFewer()).isEqualTo(3);
        assertThat(matched.prints().orElseThrow().allotment().units()).hasSize(4)
                .allSatisfy(unit -> assertThat(unit).hasSize(3).doesNotHaveDuplicates());
    }

    /** A roll of 40 of which 4 are left out gives 36; 38 whole strips take two rolls, or one and two singles. */
    @Test
    void a_roll_two_strips_short_is_topped_up_with_singles() {
        QuiltDesign design = design(line(A, "2 1/2 x 40", 38));
        KitGood roll = KitGood.mixed("roll", PrecutKind.STRIP_ROLL, new Count(40), Optional.empty());
        List<Print> prints = numbered(36, 1);

        assertThat(units(design, roll).count().value()).isEqualTo(Count.ONE);
        assertThat(units(design, roll.with(new PackPrints(prints, 4, List.of(), Optional.empty()))).count().value())
                .isEqualTo(new Count(2));
        List<Print> singles = List.of(new Print("gull", PrintValue.LIGHT, 2));
        assertThat(units(design, roll.with(new PackPrints(prints, 4, singles, Optional.empty()))).count().value()).isEqualTo(Count.ONE);
        PrintRule one = new PrintRule(38, List.of(ALL_OF_A), false);
        assertThat(units(design, roll.with(new PackPrints(prints, 4, singles, Optional.of(one)))).count().value()).isEqualTo(Count.ONE);
    }

    /**
     * Four squares of each block belong to one print, two blocks to a 10 in square; 9 of the border go over no 8 blocks and come from
     * any: 2 more.
     */
    @Test
    void pieces_that_do_not_go_evenly_over_the_units_come_from_whatever_is_left() {
        QuiltDesign design = design(line(A, "3 1/4 x 3 1/4", 32), line(B, "4 1/2 x 4 1/2", 9));
        KitGood squares = KitGood.mixed("squares", PrecutKind.SQUARES_10, new Count(4), Optional.empty());

        Need.Amount.Units taken = units(design, squares.with(prints(List.of(), new PrintRule(8, List.of(ALL_OF_A), false))));

        assertThat(taken.prints().orElseThrow().allotment().sheets()).isEqualTo(4);
        assertThat(taken.prints().orElseThrow().free()).isEqualTo(3);
        assertThat(taken.count().value()).isEqualTo(new Count(2));
    }

    /** The list says four of a square to each block's two: one sheet serves two blocks, eight blocks take four. */
    @Test
    void a_sheet_gives_what_the_pattern_lists() {
        QuiltDesign design = design(new CutList.Line(
                A, Use.BLOCKS, CutForm.read("3 x 3").orElseThrow(), new CutCount.PerQuilt(16),
                Optional.of(new PrecutSource(PrecutKind.SQUARES_10, 4)), ""));
        KitGood squares = KitGood.mixed("squares", PrecutKind.SQUARES_10, new Count(4), Optional.empty());

        Need.Amount.Units taken = units(design, squares.with(prints(List.of(), new PrintRule(8, List.of(ALL_OF_A), false))));

        assertThat(taken.prints().orElseThrow().parts().get(0).part().gives()).isEqualTo(2);
        assertThat(taken.count().value()).isEqualTo(Count.ONE);
    }

    @Test
    void what_cannot_be_is_said() {
        QuiltDesign design = design(line(A, "9 x 9", 4));
        KitGood pack = KitGood.mixed("pack", PrecutKind.SQUARES_10, new Count(12), Optional.empty());
        PrintRule twoDifferent = new PrintRule(2, List.of(ALL_OF_A, ALL_OF_A), true);

        assertThat(problems(design, pack.with(prints(List.of(), twoDifferent)))).containsExactly("kit.prints-unknown");
        assertThat(problems(design, pack.with(prints(numbered(1, 12), twoDifferent)))).containsExactly("kit.prints-do-not-match");
        assertThat(problems(design, pack.with(prints(numbered(2, 6), new PrintRule(3, List.of(ALL_OF_A), false)))))
                .containsExactly("kit.prints-no-share");
    }

    private static List<String> problems(QuiltDesign design, KitGood good) {
        return result(design, good).problems().stream().map(Problem::code).toList();
    }

    private static Need.Amount.Units units(QuiltDesign design, KitGood good) {
        Needs.Result result = result(design, good);
        assertThat(result.problems()).isEmpty();
        return result.byFabric().get(good.code()).amount().match(
                cloth -> null, printed -> null, quarters -> null, units -> units);
    }

    private static Needs.Result result(QuiltDesign design, KitGood good) {
        return new Needs(PRACTICE, Instructions.OURS).of(
                design, new QuiltPlanner(PRACTICE).plan(design, design.sizes().get(0)), role -> new KitChoice.Precut(good),
                Contents.EVERYTHING);
    }

    private static PackPrints prints(List<Print> inPack, PrintRule rule) {
        return new PackPrints(inPack, 0, List.of(), Optional.ofNullable(rule));
    }

    private static List<Print> numbered(int prints, int sheets) {
        return IntStream.range(0, prints).mapToObj(i -> new Print("p" + i, PrintValue.MEDIUM, sheets)).toList();
    }

    private static PrintRule.Part part(int sheets, RoleKey... roles) {
        return new PrintRule.Part(List.of(roles), Optional.empty(), sheets);
    }

    private static CutList.Line line(RoleKey role, String form, int count) {
        return new CutList.Line(role, Use.BLOCKS, CutForm.read(form).orElseThrow(), new CutCount.PerQuilt(count), Optional.empty(), "");
    }

    private static QuiltDesign design(CutList.Line... lines) {
        List<Role> roles = new ArrayList<>();
        for (CutList.Line line : lines) {
            roles.add(Role.of(line.role(), line.role().value().toUpperCase(Locale.ROOT), line.role().value()));
        }
        return new QuiltDesign(
                roles, List.of(new QuiltSize.Printed(new SizeKey("lap"), "Lap", Optional.empty())), Optional.empty(),
                Optional.of(new CutList(List.of(), List.of(lines), Optional.empty(), Optional.empty())), Optional.empty(), Way.CUT_LIST,
                Map.of());
    }
}
