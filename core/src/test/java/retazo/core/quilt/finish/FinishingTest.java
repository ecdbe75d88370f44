package retazo.core.quilt.finish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.math.BigInteger;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import retazo.core.block.BlockKey;
import retazo.core.block.shape.DrawnPatch;
import retazo.core.cloth.Join;
import retazo.core.cloth.Joins;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.ShopPractice;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.quilt.design.Composition;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.Item;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.design.QuiltSamples;
import retazo.core.quilt.picture.QuiltDrawing;
import retazo.core.quilt.piece.PieceNeed;
import retazo.core.quilt.place.PlaceRule;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.setting.Grain;
import retazo.core.quilt.setting.LongPieces;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;

/** Around blocks of 12 in, 4 × 5: 48 × 60 in. */
class FinishingTest {

    private static final ShopPractice PRACTICE = ShopPractice.customary();
    private static final Figure<Length> FORTY = PRACTICE.figure(PracticeMeasure.USABLE_WIDTH);

    private static QuiltPlan plan(Finishing finishing, List<Length> widths) {
        return plan(finishing, widths, List.of());
    }

    private static QuiltPlan plan(Finishing finishing, List<Length> widths, List<Item> items) {
        return plan(finishing, widths, items, 5);
    }

    private static QuiltPlan plan(Finishing finishing, List<Length> widths, List<Item> items, int rows) {
        Drawing plain = QuiltSamples.drawing(QuiltSamples.wakeBlock(), QuiltSamples.QUAY);
        Drawing drawing = new Drawing(plain.blocks(), Composition.straight(plain.places(), finishing), items);
        QuiltSize.Grid size = QuiltSize.Grid.of(new SizeKey("any"), "Any", 4, rows, widths);
        return new QuiltPlanner(PRACTICE).plan(
                QuiltDesign.drawn(QuiltSamples.wakeRoles().stream().filter(role -> drawing.roles().contains(role.key())).toList(),
                        List.of(size), drawing),
                size);
    }

    private static Finishing bordered(BorderCorners corners, Grain grain) {
        return Finishing.of(
                List.of(new BorderDesign(QuiltSamples.QUAY, corners, Optional.empty(), grain)), Optional.of(QuiltSamples.NIGHT),
                Optional.of(QuiltSamples.BACK));
    }

    /** Mitred, 4 in: sides 60 + 8 + 2 + 1/2, ends 48 + 8 + 2 + 1/2; the shop's trim is not added, they have 2 in to spare. */
    @Test
    void a_mitred_border_reaches_to_the_outer_corners() {
        LongPieces border = plan(bordered(BorderCorners.MITRED, Grain.SHORTER), List.of(Length.ofInches(4))).longPieces().get(0);

        assertThat(border.pieces()).extracting(piece -> piece.length().value())
                .containsExactly(Length.parse("70 1/2"), Length.parse("58 1/2"));
    }

    /** However its corners are made, a border covers the ring around the blocks, and nothing of it twice. */
    @Property(tries = 60)
    void a_border_covers_the_ring_around_the_blocks(@ForAll BorderCorners corners, @ForAll @IntRange(min = 1, max = 60) int eighths) {
        Drawing plain = QuiltSamples.drawing(QuiltSamples.wakeBlock(), QuiltSamples.QUAY);
        Drawing drawing = plain.with(Composition.straight(plain.places(), bordered(corners, Grain.SHORTER)));
        QuiltDrawing drawn = QuiltDrawing.of(
                drawing, QuiltSize.Grid.of(new SizeKey("any"), "Any", 2, 3, List.of(Length.ofInches(eighths, 8))), Length.ofInches(1, 4));

        BigInteger around = drawn.around().stream().map(DrawnPatch::doubledAreaInSquareTicks).map(BigInteger::abs).reduce(BigInteger.ZERO,
                BigInteger::add);
        assertThat(around.shiftRight(1))
                .isEqualTo(area(drawn.width(), drawn.height()).subtract(area(drawn.inside().width(), drawn.inside().height())));
    }

    private static BigInteger area(Length width, Length height) {
        return BigInteger.valueOf(width.ticks()).multiply(BigInteger.valueOf(height.ticks()));
    }

    @Test
    void cornerstones_are_squares_of_the_border_as_it_is_cut() {
        QuiltPlan plan = plan(bordered(BorderCorners.CORNERSTONES, Grain.SHORTER), List.of(Length.ofInches(4)));
        PieceNeed squares = plan.pieces().stream().filter(piece -> piece.use().equals(Use.border(1))).findFirst().orElseThrow();

        assertThat(squares.shape().across().value()).isEqualTo(Length.parse("4 1/2"));
        assertThat(squares.count().value()).isEqualTo(new Count(4));
        // 48 + 2 to trim + 1/2.
        assertThat(plan.longPieces().get(0).pieces().get(1).length().value()).isEqualTo(Length.parse("50 1/2"));
    }

    /**
     * Around 48 × 60 the first border is held back, so that the second can be 6 in: 60 × 72, drawn once, and it keeps its number and its
     * role.
     */
    @Test
    void a_border_is_held_back_for_a_wider_one() {
        Finishing two = Finishing.of(
                List.of(BorderDesign.butted(QuiltSamples.QUAY), BorderDesign.butted(QuiltSamples.FOG)),
                Optional.of(QuiltSamples.NIGHT), Optional.of(QuiltSamples.BACK));

        QuiltPlan plan = plan(two, List.of(Length.ZERO, Length.ofInches(6)));

        assertThat(plan.longPieces()).singleElement().satisfies(border -> {
            assertThat(border.use()).isEqualTo(Use.border(2));
            assertThat(border.role()).isEqualTo(QuiltSamples.FOG);
            assertThat(border.cutWidth().value()).isEqualTo(Length.parse("6 1/2"));
        });
        assertThat(plan.finished().orElseThrow().width().value()).isEqualTo(Length.ofInches(60));
        Drawing drawing = QuiltSamples.drawing(QuiltSamples.wakeBlock(), QuiltSamples.QUAY);
        QuiltDrawing drawn = QuiltDrawing.of(
                drawing.with(Composition.straight(drawing.places(), two)),
                QuiltSize.Grid.of(new SizeKey("any"), "Any", 4, 5, List.of(Length.ZERO, Length.ofInches(6))), Length.ofInches(1, 4));
        assertThat(drawn.around()).extracting(DrawnPatch::role).containsOnly(QuiltSamples.FOG);
    }

    /** Of two borders each has its own squares: 4 of 4 1/2, then 4 of 6 1/2; who looks at the second border finds only those. */
    @Test
    void cornerstones_belong_to_their_own_border() {
        Finishing two = Finishing.of(
                List.of(
                        new BorderDesign(QuiltSamples.QUAY, BorderCorners.CORNERSTONES, Optional.of(QuiltSamples.FOG), Grain.SHORTER),
                        new BorderDesign(QuiltSamples.FOG, BorderCorners.CORNERSTONES, Optional.of(QuiltSamples.QUAY), Grain.SHORTER)),
                Optional.of(QuiltSamples.NIGHT), Optional.of(QuiltSamples.BACK));

        QuiltPlan plan = plan(two, List.of(Length.ofInches(4), Length.ofInches(6)));

        for (int border = 1; border <= 2; border++) {
            Use use = Use.border(border);
            assertThat(plan.pieces().stream().filter(piece -> piece.use().equals(use)).toList())
                    .extracting(PieceNeed::role, piece -> piece.shape().across().value(), piece -> piece.count().value())
                    .containsExactly(border == 1
                            ? tuple(QuiltSamples.FOG, Length.parse("4 1/2"), new Count(4))
                            : tuple(QuiltSamples.QUAY, Length.parse("6 1/2"), new Count(4)));
        }
    }

    /**
     * 9 in with cornerstones around 48 × 48: four pieces of 50 1/2, 9 1/2 wide. Joined, (202 − 1/2) ÷ 39 1/2 is 6 strips, 57 in; side
     * by side along the cloth, 38 in wide, 50 1/2 in.
     */
    @ParameterizedTest
    @CsvSource({"SHORTER, true, 50 1/2", "ACROSS, false, 57", "ALONG, true, 50 1/2"})
    void a_wide_border_lies_along_the_length_where_that_takes_less(Grain grain, boolean along, String length) {
        LongPieces border = plan(bordered(BorderCorners.CORNERSTONES, grain), List.of(Length.ofInches(9)), List.of(), 4).longPieces()
                .get(0);

        LongPieces.Laid laid = border.laidOn(FORTY);

        assertThat(laid.along()).isEqualTo(along);
        assertThat(laid.length().value()).isEqualTo(Length.parse(length));
        assertThat(border.alongLength(Length.ofInches(37))).isEmpty();
    }

    /** Shown 1/4, folded: cut 2 · (1/4 + 1/4) = 1 in, around 48 × 60; it adds no size. */
    @Test
    void a_flange_needs_strips_and_adds_no_size() {
        Finishing finishing = new Finishing(
                List.of(), Optional.of(new Flange(QuiltSamples.QUAY, Length.ofInches(1, 4))), Optional.of(QuiltSamples.NIGHT),
                BindingCut.STRAIGHT,
                Optional.empty());
        QuiltPlan plan = plan(finishing, List.of());

        assertThat(plan.longPieces().get(0).cutWidth().value()).isEqualTo(Length.ofInches(1));
        assertThat(plan.longPieces().get(0).pieces()).extracting(piece -> piece.length().value())
                .containsExactly(Length.parse("60 1/2"), Length.parse("48 1/2"));
        assertThat(plan.finished().orElseThrow().width().value()).isEqualTo(Length.ofInches(48));
    }

    /** 158 in of 2 1/4: on the diagonal 155 3/4 ÷ 37 3/4 = 4.1, five strips; straight 157 1/2 ÷ 39 1/2 = 3.99, four. */
    @Test
    void a_binding_joined_straight_may_take_a_strip_less() {
        assertThat(binding(Join.DIAGONAL).strips(FORTY).value()).isEqualTo(new Count(5));
        assertThat(binding(Join.STRAIGHT).strips(FORTY).value()).isEqualTo(new Count(4));
    }

    /** The crib's border: 190 in of 3 1/2; straight 189 1/2 ÷ 39 1/2 = 4.8, five strips; on the diagonal 186 1/2 ÷ 36 1/2 = 5.1, six. */
    @Test
    void a_border_joined_on_the_diagonal_may_take_a_strip_more() {
        QuiltPlan straight = new QuiltPlanner(PRACTICE).plan(QuiltSamples.ferryWake(), QuiltSamples.crib());
        QuiltPlan diagonal = new QuiltPlanner(PRACTICE.with(new Joins(Join.DIAGONAL, Join.DIAGONAL))).plan(QuiltSamples.ferryWake(),
                QuiltSamples.crib());

        assertThat(straight.longPieces().get(0).strips(FORTY).value()).isEqualTo(new Count(5));
        assertThat(diagonal.longPieces().get(0).strips(FORTY).value()).isEqualTo(new Count(6));
    }

    private static BindingStrip binding(Join join) {
        return new BindingStrip(
                "b", QuiltSamples.NIGHT, BindingCut.STRAIGHT, given(Length.ofInches(158)), given(Length.ofInches(9, 4)),
                new BindingStrip.Practice(given(Length.ofInches(1, 4)), given(Length.ofInches(1, 8)), join));
    }

    /** 2 · (48 + 60) + 10 = 226 in of 2 1/4: with 7 strips 226 ÷ (7√2) = 22.83 and 7 · 3.182 = 22.27, so 22 7/8 + 1/2. */
    @Test
    void bias_binding_comes_from_a_sewn_square() {
        Finishing finishing = new Finishing(
                List.of(), Optional.empty(), Optional.of(QuiltSamples.NIGHT), BindingCut.BIAS, Optional.empty());
        BindingStrip.BiasSquares squares = plan(finishing, List.of()).bindings().get(0).biasSquares(FORTY).orElseThrow();

        assertThat(squares.squares().value()).isEqualTo(Count.ONE);
        assertThat(squares.side().value()).isEqualTo(Length.parse("23 3/8"));
        assertThat(squares.length().value()).isEqualTo(Length.parse("23 3/8"));
    }

    /** The strip that a square gives, cut and counted anew: k strips across, each as long as the square less both seams, on the slant. */
    @Property(tries = 100)
    void squares_give_the_whole_bias_strip(@ForAll @IntRange(min = 40, max = 900) int length,
            @ForAll @IntRange(min = 16, max = 24) int eighths) {
        BindingStrip strip = new BindingStrip(
                "b", QuiltSamples.NIGHT, BindingCut.BIAS, given(Length.ofInches(length)), given(Length.ofInches(eighths, 8)),
                new BindingStrip.Practice(given(Length.ofInches(1, 4)), given(Length.ofInches(1, 8)), Join.DIAGONAL));
        BindingStrip.BiasSquares squares = strip.biasSquares(FORTY).orElseThrow();

        double inside = inches(squares.side().value()) - 0.5;
        double strips = Math.floor(inside / (eighths / 8.0 * Math.sqrt(2)) + 1e-9);
        assertThat(squares.squares().value().value() * strips * inside * Math.sqrt(2)).isGreaterThanOrEqualTo(length - 1e-6);
        assertThat(squares.side().value()).isLessThanOrEqualTo(Length.ofInches(40));
    }

    private static double inches(Length length) {
        return length.ticks() / (double) Length.TICKS_PER_INCH;
    }

    private static Figure<Length> given(Length length) {
        return Figure.given("given", Label.of("given"), length, Origin.pattern("test"));
    }

    /** 48 × 60 and 4 in on each side: 56 × 68; upright seams 2 · 68, the other way 2 · 56; a one-way print keeps the first. */
    @Test
    void a_one_way_print_keeps_the_backing_upright() {
        BackingSheet backing = plan(bordered(BorderCorners.BUTTED, Grain.SHORTER), List.of()).backings().get(0);

        assertThat(backing.taken(FORTY, PrintKind.ALL_OVER).length().value()).isEqualTo(Length.ofInches(112));
        assertThat(backing.taken(FORTY, PrintKind.ONE_WAY).length().value()).isEqualTo(Length.ofInches(136));
        assertThat(backing.wholeOn(Length.ofInches(60), PrintKind.ALL_OVER).orElseThrow().length().value()).isEqualTo(Length.ofInches(68));
        assertThat(backing.wholeOn(Length.ofInches(108), PrintKind.ALL_OVER).orElseThrow().length().value()).isEqualTo(Length.ofInches(56));
        assertThat(backing.wholeOn(Length.ofInches(50), PrintKind.ALL_OVER)).isEmpty();
    }

    /** 56 × 68: of rolls of 60 in 68, the smallest package that covers it 72 × 90. */
    @Test
    void batting_comes_from_a_roll_or_the_smallest_package() {
        Batting batting = Batting.behind(plan(bordered(BorderCorners.BUTTED, Grain.SHORTER), List.of()).backings().get(0));

        assertThat(batting.fromRoll()).contains(new Batting.FromRoll(Length.ofInches(60), Length.ofInches(68)));
        assertThat(batting.smallestPackage().orElseThrow().width()).isEqualTo(Length.ofInches(72));
        assertThat(new Batting(Length.ofInches(130), Length.ofInches(126)).fromRoll()).isEmpty();
        assertThat(new Batting(Length.ofInches(130), Length.ofInches(110)).smallestPackage()).isEmpty();
    }

    /**
     * Four mats of one block beside the quilt: 24 blocks of 6 triangle units A/B … are pooled; their backs, 12 + 8 in square, lie two
     * side by side on 40 in, so two lengths of 20.
     */
    @Test
    void items_are_planned_together_with_the_quilt() {
        Item mats = new Item(
                "mat", 4, Composition.straight(PlaceRule.uniform(new BlockKey("wake")), Finishing.of(
                        List.of(), Optional.of(QuiltSamples.NIGHT), Optional.of(QuiltSamples.BACK))),
                1, 1, List.of());
        QuiltPlan alone = plan(bordered(BorderCorners.BUTTED, Grain.SHORTER), List.of());
        QuiltPlan plan = plan(bordered(BorderCorners.BUTTED, Grain.SHORTER), List.of(), List.of(mats));

        for (int i = 0; i < alone.pieces().size(); i++) {
            assertThat(plan.pieces().get(i).count().value().value()).isEqualTo(alone.pieces().get(i).count().value().value() * 24 / 20);
        }
        assertThat(plan.backings().get(1).taken(FORTY, PrintKind.ALL_OVER).length().value()).isEqualTo(Length.ofInches(40));
        // Four times 2 · (12 + 12) + 10.
        assertThat(plan.bindings().get(1).length().value()).isEqualTo(Length.ofInches(232));
    }
}
