package retazo.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import retazo.core.block.shape.Hand;
import retazo.core.block.shape.PieceShape;
import retazo.core.block.shape.Subcut;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.ShopPractice;
import retazo.core.cutting.strip.CutPlanner;
import retazo.core.cutting.strip.LeftOver;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.quilt.design.QuiltSamples;
import retazo.core.quilt.piece.PieceNeed;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;

class ClothPlannerTest {

    private static final ShopPractice PRACTICE = ShopPractice.customary();

    /** 11 of 12 1/2 and 11 of 7, all 4 1/2 high and not turned, in 40: alone 4 + 3 strips, together 6; 27 in and squaring 1. */
    @Test
    void lengths_of_one_height_share_strips_and_both_figures_can_be_opened() {
        ClothPlan plan = plan(PrintKind.ONE_WAY, patches("A1", "12 1/2", "4 1/2", 11), patches("A2", "7", "4 1/2", 11));

        assertThat(plan.exact().value()).isEqualTo(Length.ofInches(28));
        assertThat(plan.exact().operands()).extracting(figure -> figure.value().toString()).containsExactly("28 in", "32 1/2 in");
        assertThat(plan.laid().orElseThrow().isProved()).isTrue();
    }

    /** A one-way print stays upright: 24 of 9 1/2 × 3 1/2 take 6 strips; turned they would take no more than that either way round. */
    @Test
    void one_way_prints_and_stripes_are_not_turned() {
        assertThat(laid(PrintKind.ONE_WAY, patches("A1", "3 1/2", "9 1/2", 24)).length().value()).isEqualTo(Length.parse("29 1/2 in"));
        assertThat(laid(PrintKind.STRIPE, patches("A1", "3 1/2", "9 1/2", 24)).length().value()).isEqualTo(Length.parse("29 1/2 in"));
        assertThat(laid(PrintKind.ALL_OVER, patches("A1", "3 1/2", "9 1/2", 24)).length().value()).isEqualTo(Length.ofInches(22));
    }

    /** With one size to a strip it is 4 and 3 strips again: 31 1/2 in and squaring 1. */
    @Test
    void a_shop_that_wants_one_size_to_a_strip_gets_it() {
        ClothRequest shared = request(PrintKind.ONE_WAY, patches("A1", "12 1/2", "4 1/2", 11), patches("A2", "7", "4 1/2", 11));
        ClothRequest apart = new ClothRequest(
                shared.key(), shared.usableWidth(), shared.print(), shared.squaring(), shared.needs(), Optional.of(1));

        LaidCloth laid = new ClothPlanner().plan(apart).match(planned -> planned.plan().laid().orElseThrow(), impossible -> {
            throw new AssertionError(impossible.problems());
        });

        assertThat(laid.length().value()).isEqualTo(Length.parse("32 1/2 in"));
        assertThat(laid.strips()).allSatisfy(strip -> assertThat(strip.cut().counts()).hasSize(1));
    }

    @Test
    void where_nothing_is_shorter_the_arithmetic_stays_that_of_each_size_alone() {
        ClothPlan plan = plan(PrintKind.SOLID, patches("A1", "4 1/2", "4 1/2", 27));

        assertThat(plan.exact().value()).isEqualTo(Length.ofInches(19));
        assertThat(plan.exact()).isEqualTo(alone(PrintKind.SOLID, patches("A1", "4 1/2", "4 1/2", 27)).exact());
    }

    /** 3 strips of a set use 36 of 40 in; squares of 4 in and the same height come from the 4 in that each leaves. */
    @Test
    void squares_come_from_what_strip_sets_leave() {
        PieceShape set = new PieceShape.SetStrip(
                length("w", "4"), length("L", "12"), length("e", "0"), count("times", 1), "set", List.of(QuiltSamples.NIGHT));
        LaidCloth laid = laid(PrintKind.SOLID, new ClothNeed.Pieces(need("A1", set, 9), width()), patches("A2", "4", "4", 3));

        assertThat(laid.length().value()).isEqualTo(Length.ofInches(13));
    }

    /**
     * One kit: 20 and two of 19 1/2, all 5 high and not turned, take two strips in 40, 10 in and squaring 1. Four kits: four of 20 on two
     * strips, eight of 19 1/2 on four: 30 in and 1, where four times one is 44. Six strips of two kinds are one stack of two and
     * one of four.
     */
    @Test
    void kits_cut_together_share_strips_and_stacks() {
        LaidCloth one = laid(PrintKind.ONE_WAY, patches("A1", "20", "5", 1), patches("A2", "19 1/2", "5", 2));

        ClothBatch batch = ClothBatch.of(one, PRACTICE.figure(PracticeMeasure.SQUARING), 4, 4,
                new CutPlanner());

        assertThat(batch.together().value()).isEqualTo(Length.ofInches(31));
        assertThat(batch.apart()).isEqualTo(Length.ofInches(44));
        assertThat(batch.saved()).isEqualTo(Length.ofInches(13));
        assertThat(batch.strips()).isEqualTo(6);
        assertThat(batch.stacks(1)).isBetween(2L, 3L);
    }

    /** Twenty of 20 × 5 are ten strips alike: three stacks of up to four, five with a second cloth (20 strips), eight with a third (30). */
    @Test
    void cloths_cut_by_the_same_list_share_stacks() {
        ClothBatch batch = ClothBatch.of(laid(PrintKind.ONE_WAY, patches("A1", "20", "5", 20)), PRACTICE.figure(PracticeMeasure.SQUARING),
                1, 4, new CutPlanner());

        assertThat(List.of(batch.stacks(1), batch.stacks(2), batch.stacks(3))).containsExactly(3L, 5L, 8L);
    }

    /** Of 12 1/2 three lie on 40, of 13 1/2 two; one as wide as the cloth is not sub-cut. */
    @Test
    void the_fold_is_opened_for_the_last_of_an_odd_number() {
        assertThat(oddOnFold(patches("A1", "12 1/2", "5", 3))).containsExactly("A1");
        assertThat(oddOnFold(patches("A1", "13 1/2", "5", 2))).isEmpty();
        assertThat(oddOnFold(patches("A1", "40", "5", 1))).isEmpty();
    }

    private static List<String> oddOnFold(ClothNeed need) {
        LaidCloth cloth = laid(PrintKind.ONE_WAY, need);
        return cloth.strips().get(0).cut().oddOnFold(Length.ofInches(40)).stream().map(id -> cloth.part(id).labels().get(0)).toList();
    }

    /**
     * 24 of 3 1/2 × 9 1/2 take 6 strips of 3 1/2. A left-over 12 1/2 long gives 3 rows of 4, so 3 strips are left: 10 1/2 in and
     * squaring 1.
     */
    @Test
    void a_left_over_at_hand_spares_the_strips_of_the_pieces_that_come_from_it() {
        ClothPlan plan = sparedBy(List.of(new LeftOver("L-1", Length.ofInches(40), Length.parse("12 1/2 in"), 1)),
                patches("A1", "3 1/2", "9 1/2", 24));

        assertThat(plan.exact().value()).isEqualTo(Length.parse("11 1/2 in"));
        assertThat(plan.leftOversTaken()).containsExactly(Map.entry("L-1", 1));
        assertThat(plan.laid().orElseThrow().fromLeftOvers()).singleElement().satisfies(cut -> assertThat(cut.pieces()).hasSize(12));
    }

    /** Two such give all 24; the cloth is not cut at all, and nothing is squared. A third is left where it is. */
    @Test
    void left_overs_that_give_everything_leave_no_cloth_to_cut() {
        ClothPlan plan = sparedBy(List.of(new LeftOver("L-1", Length.ofInches(40), Length.parse("12 1/2 in"), 3)),
                patches("A1", "3 1/2", "9 1/2", 24));

        assertThat(plan.exact().value()).isEqualTo(Length.ZERO);
        assertThat(plan.leftOversTaken()).containsExactly(Map.entry("L-1", 2));
    }

    /** Who cuts each size alone never touches the left-overs that only the laid plan would take. */
    @Test
    void left_overs_of_a_plan_that_is_not_used_stay_where_they_are() {
        ClothPlan spared = sparedBy(List.of(new LeftOver("L-1", Length.ofInches(40), Length.parse("12 1/2 in"), 1)),
                patches("A1", "3 1/2", "9 1/2", 24));
        ClothLine first = spared.lines().get(0);
        ClothLine shorter = new ClothLine(
                first.use(), first.pieceLabels(), first.stripHeight(), first.strips(), length("shorter", "5"), first.pieces(), first.lay(),
                first.seams(), first.longPieces());

        ClothPlan alone = new ClothPlan(spared.usableWidth(), List.of(shorter), spared.squaring(), spared.exact(), spared.laid());

        assertThat(alone.isLaidShorter()).isFalse();
        assertThat(alone.leftOversTaken()).isEmpty();
    }

    /** 3 of 24 take one strip; a left-over that gives one of them leaves two, which take the same strip. */
    @Test
    void a_left_over_that_spares_no_strip_is_not_taken() {
        ClothPlan plan = sparedBy(List.of(new LeftOver("L-1", Length.ofInches(10), Length.ofInches(4), 1)),
                patches("A1", "9 1/2", "3 1/2", 3));

        assertThat(plan.exact().value()).isEqualTo(Length.parse("4 1/2 in"));
        assertThat(plan.leftOversTaken()).isEmpty();
    }

    /** 27 squares of 4 1/2, eight to a strip: three strips leave 4 in each, the last with three squares 26 1/2. */
    @Test
    void rests_are_counted_by_size_the_largest_first() {
        LaidCloth laid = laid(PrintKind.SOLID, patches("A1", "4 1/2", "4 1/2", 27));

        assertThat(laid.rests()).containsExactly(
                new LaidCloth.Rests(Length.parse("26 1/2 in"), Length.parse("4 1/2 in"), 1),
                new LaidCloth.Rests(Length.ofInches(4), Length.parse("4 1/2 in"), 3));
    }

    /** Half of 40 is 20: a rest of 40 × 19 is two quarters, or four eighths of 9 in; one of 19 1/2 in across is none. */
    @Test
    void quarters_are_cut_from_rests_that_are_large_enough() {
        LaidCloth.Rests rest = new LaidCloth.Rests(Length.ofInches(40), Length.ofInches(19), 1);

        assertThat(RestUse.shopCuts(rest, PrecutKind.FAT_QUARTER, Length.ofInches(40))).isEqualTo(2);
        assertThat(RestUse.shopCuts(rest, PrecutKind.FAT_EIGHTH, Length.ofInches(40))).isEqualTo(4);
        assertThat(RestUse.shopCuts(rest, PrecutKind.STRIP_ROLL, Length.ofInches(40))).isZero();
        assertThat(RestUse.shopCuts(
                new LaidCloth.Rests(Length.parse("19 1/2 in"), Length.ofInches(30), 1), PrecutKind.FAT_QUARTER, Length.ofInches(40)))
                .isZero();
    }

    /** The same pieces under other labels are one stack; one piece more is another list. */
    @Test
    void cloths_with_the_same_list_are_cut_alike() {
        LaidCloth one = laid(PrintKind.ALL_OVER, patches("B1", "4", "4", 30), patches("B2", "3 1/2", "3 1/2", 60));

        assertThat(one.isCutLike(laid(PrintKind.ALL_OVER, patches("C1", "4", "4", 30), patches("C2", "3 1/2", "3 1/2", 60)))).isTrue();
        assertThat(one.isCutLike(laid(PrintKind.ALL_OVER, patches("C1", "4", "4", 31), patches("C2", "3 1/2", "3 1/2", 60)))).isFalse();
    }

    private static ClothPlan sparedBy(List<LeftOver> leftOvers, ClothNeed... needs) {
        ClothRequest request = request(PrintKind.ALL_OVER, needs);
        ClothRequest spared = new ClothRequest(
                request.key(), request.usableWidth(), request.print(), request.squaring(), request.needs(), request.mostSizes(), leftOvers,
                false);
        return new ClothPlanner().plan(spared).match(ClothPlanning.Planned::plan, impossible -> {
            throw new AssertionError(impossible.problems());
        });
    }

    @Property(tries = 12)
    void quilts_of_every_size_are_laid_within_the_worksheet(@ForAll @IntRange(min = 2, max = 12) int columns,
            @ForAll @IntRange(min = 2, max = 12) int rows) {
        QuiltSize size = QuiltSize.Grid.of(new SizeKey("any"), "any", columns, rows, List.of(Length.ofInches(4)));
        QuiltPlan quilt = new QuiltPlanner(PRACTICE).plan(QuiltSamples.ferryWake(), size);
        List<ClothNeed> needs = new ArrayList<>();
        quilt.pieces().forEach(piece -> needs.add(new ClothNeed.Pieces(piece, width())));
        quilt.longPieces().forEach(pieces -> needs.add(new ClothNeed.Long(pieces)));
        quilt.bindings().forEach(binding -> needs.add(new ClothNeed.Binding(binding)));

        ClothPlan plan = plan(PrintKind.ALL_OVER, needs.toArray(ClothNeed[]::new));

        LaidCloth laid = plan.laid().orElseThrow();
        assertThat(laid.length().value()).isLessThanOrEqualTo(alone(PrintKind.ALL_OVER, needs.toArray(ClothNeed[]::new)).exact().value());
        assertThat(laid.bound()).isLessThanOrEqualTo(laid.length().value());
        assertThat(plan.exact().value()).isEqualTo(laid.length().value());
        assertThat(laid.strips())
                .allSatisfy(strip -> strip.cut().pieces().forEach(piece -> assertThat(laid.part(piece.id()).uses()).isNotEmpty()));
    }

    private static LaidCloth laid(PrintKind print, ClothNeed... needs) {
        return plan(print, needs).laid().orElseThrow();
    }

    private static ClothPlan plan(PrintKind print, ClothNeed... needs) {
        return new ClothPlanner().plan(request(print, needs)).match(ClothPlanning.Planned::plan, impossible -> {
            throw new AssertionError(impossible.problems());
        });
    }

    private static ClothPlan alone(PrintKind print, ClothNeed... needs) {
        return new WorksheetPlanner().plan(request(print, needs)).match(ClothPlanning.Planned::plan, impossible -> {
            throw new AssertionError(impossible.problems());
        });
    }

    private static ClothRequest request(PrintKind print, ClothNeed... needs) {
        return new ClothRequest("throw.night", width(), print, PRACTICE.figure(PracticeMeasure.SQUARING), List.of(needs), Optional.empty());
    }

    private static Figure<Length> width() {
        return length("usableWidth", "40");
    }

    private static ClothNeed patches(String label, String width, String height, int count) {
        return new ClothNeed.Pieces(
                need(label, new PieceShape.Rectangle(length(label + ".w", width), length(label + ".h", height), Subcut.NONE, Hand.EITHER),
                        count),
                width());
    }

    private static PieceNeed need(String label, PieceShape shape, int count) {
        return new PieceNeed(label, QuiltSamples.NIGHT, Use.BLOCKS, shape, count(label + ".count", count), List.of(), Optional.empty(),
                new Count(0));
    }

    private static Figure<Count> count(String key, long count) {
        return Figure.given(key, Label.of("piece.count", key), new Count(count), Origin.pattern("test"));
    }

    private static Figure<Length> length(String key, String inches) {
        return Figure.given(key, Label.of("test"), Length.parse(inches + " in"), Origin.pattern("test"));
    }
}
