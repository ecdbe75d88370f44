package retazo.core.quilt.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import retazo.core.block.Block;
import retazo.core.block.BlockKey;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.explain.Figure;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.BlockKind;
import retazo.core.quilt.design.Composition;
import retazo.core.quilt.design.DesignCheck;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.design.QuiltSamples;
import retazo.core.quilt.finish.Finishing;
import retazo.core.quilt.picture.QuiltDrawing;
import retazo.core.quilt.piece.PieceNeed;
import retazo.core.quilt.place.CycleRule;
import retazo.core.quilt.place.PlaceLine;
import retazo.core.quilt.place.PlaceRule;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;
import retazo.core.quilt.size.Way;

/** Quilts of more than one kind of block. */
class SeveralBlocksTest {

    private static final BlockKey STAR = new BlockKey("star");
    private static final BlockKey PLAIN = new BlockKey("plain");

    /**
     * Checkerboard of 3 × 3: five stars of 3 HSTs of A and B and one patch C, four plain ones of 1 HST and patches. HSTs
     * 15 + 4 = 19, so 10 squares of each, not 8 + 2; one star takes 3 units of two to a square, 1½ squares.
     */
    @Test
    void units_of_all_kinds_are_rounded_up_together() {
        QuiltPlan plan = plan(PlaceLine.DIAGONALS, 3, 3);
        PieceNeed squares = plan.pieces().get(0);

        assertThat(squares.label()).isEqualTo("A1");
        assertThat(squares.count().value()).isEqualTo(new Count(10));
        assertThat(squares.perBlock(STAR)).hasToString("1 1/2");
        assertThat(squares.perBlock(PLAIN)).hasToString("1/2");
        assertThat(plan.pieces()).extracting(PieceNeed::label, need -> need.count().value())
                .contains(tuple("C1", new Count(5)), tuple("D1", new Count(12)));
    }

    @Test
    void kinds_follow_one_another_by_rows_or_columns() {
        assertThat(plan(PlaceLine.ROWS, 2, 3).pieces().get(0).count().value()).isEqualTo(new Count(7));
        assertThat(plan(PlaceLine.COLUMNS, 2, 3).pieces().get(0).count().value()).isEqualTo(new Count(6));
    }

    @Property(tries = 60)
    void counts_of_all_kinds_add_up_to_the_grid(
            @ForAll PlaceLine line, @ForAll @IntRange(min = 1, max = 12) int columns, @ForAll @IntRange(min = 1, max = 12) int rows) {
        QuiltDrawing drawing = QuiltDrawing.of(drawing(line), size(columns, rows), Length.ofInches(1, 4));

        assertThat(drawing.blocks().stream().mapToInt(block -> block.spots().size()).sum()).isEqualTo(columns * rows);
    }

    @Test
    void blocks_that_stand_side_by_side_have_one_size() {
        Block larger = QuiltSamples.block(4, List.of(List.of("A", "B"), List.of("C", "D")));
        Drawing drawing = Drawing.of(
                List.of(new BlockKind(STAR, "star", star()), new BlockKind(PLAIN, "plain", larger)),
                Composition.straight(CycleRule.of(PlaceLine.DIAGONALS, List.of(STAR, PLAIN)),
                        Finishing.of(List.of(), Optional.of(QuiltSamples.NIGHT), Optional.of(QuiltSamples.BACK))));

        assertThat(check(drawing)).extracting(Problem::place, Problem::code).containsExactly(tuple("places", "design.block-sizes"));
    }

    @Test
    void a_place_rule_cannot_name_a_block_that_is_not_there() {
        Drawing drawing = Drawing.of(
                List.of(new BlockKind(STAR, "star", star())),
                Composition.straight(PlaceRule.uniform(PLAIN), Finishing.of(List.of(), Optional.empty(), Optional.empty())));

        assertThat(check(drawing)).extracting(Problem::place, Problem::code).contains(tuple("places", "cell.unknown-block"));
    }

    /**
     * Slashed rectangles of A and B in one block, B and A in the other: a stack gives one of each, so ten of one and eight of
     * the other take ten rectangles of each fabric, not eighteen.
     */
    @Test
    void arrangements_of_one_stack_are_cut_together() {
        Block first = QuiltSamples.block(4, List.of(List.of("slashed A 1, B")));
        Block second = QuiltSamples.block(4, List.of(List.of("slashed B 1, A")));
        Drawing drawing = Drawing.of(
                List.of(new BlockKind(STAR, "first", first), new BlockKind(PLAIN, "second", second)),
                Composition.straight(CycleRule.of(PlaceLine.DIAGONALS, List.of(STAR, PLAIN)),
                        Finishing.of(List.of(), Optional.empty(), Optional.empty())));
        QuiltDesign design = QuiltDesign.drawn(QuiltSamples.wakeRoles().subList(0, 2), List.of(size(3, 6)), drawing);

        QuiltPlan plan = new QuiltPlanner(ShopPractice.customary()).plan(design, size(3, 6));

        assertThat(plan.pieces()).extracting(need -> need.count().value()).containsExactly(new Count(9), new Count(9));
        assertThat(plan.bindings()).isEmpty();
    }

    /** A pattern may sew its triangles exact where the shop sews them larger: 3 in from 3⅞. */
    @Test
    void a_pattern_may_change_a_setting_of_the_shop() {
        QuiltDesign shop = design(PlaceLine.DIAGONALS, 3, 3);
        QuiltDesign exact = new QuiltDesign(
                shop.roles(), shop.sizes(), shop.table(), shop.cutList(), shop.drawing(), Way.DRAWING,
                Map.of(PracticeMeasure.HALF_SQUARE_OVERSIZE, Length.ZERO));

        assertThat(side(shop)).isEqualTo(Length.parse("4"));
        assertThat(side(exact)).isEqualTo(Length.parse("3 7/8"));
    }

    /** 3 3/16 in of patch is cut 3 11/16, which no line of an eighths ruler marks. */
    @Test
    void a_size_off_the_rulers_step_is_told_and_not_rounded() {
        Block odd = Block.of(
                List.of(Length.parse("3 3/16")), List.of(Length.ofInches(3)),
                QuiltSamples.block(3, List.of(List.of("A"))).cells());
        QuiltDesign design = QuiltDesign.drawn(
                QuiltSamples.wakeRoles().subList(0, 1), List.of(size(2, 2)),
                Drawing.of(
                        List.of(new BlockKind(STAR, "odd", odd)),
                        Composition.straight(PlaceRule.uniform(STAR), Finishing.of(List.of(), Optional.empty(), Optional.empty()))));

        QuiltPlan plan = new QuiltPlanner(ShopPractice.customary()).plan(design, size(2, 2));

        assertThat(plan.warnings()).extracting(Problem::place, Problem::code).containsExactly(tuple("A1", "piece.off-step"));
        assertThat(plan.pieces().get(0).shape().across().value()).isEqualTo(Length.parse("3 11/16"));
    }

    private static Length side(QuiltDesign design) {
        Figure<Length> side = new QuiltPlanner(ShopPractice.customary()).plan(design, design.sizes().get(0)).pieces().get(0).shape()
                .across();
        return side.value();
    }

    private static Block star() {
        return QuiltSamples.block(3, List.of(List.of("A/B", "B/A"), List.of("A\\B", "C")));
    }

    private static Block plain() {
        return QuiltSamples.block(3, List.of(List.of("A/B", "D"), List.of("D", "D")));
    }

    private static Drawing drawing(PlaceLine line) {
        return Drawing.of(
                List.of(new BlockKind(STAR, "star", star()), new BlockKind(PLAIN, "plain", plain())),
                Composition.straight(CycleRule.of(line, List.of(STAR, PLAIN)),
                        Finishing.of(List.of(), Optional.of(QuiltSamples.NIGHT), Optional.of(QuiltSamples.BACK))));
    }

    private static QuiltSize.Grid size(int columns, int rows) {
        return QuiltSize.Grid.of(new SizeKey("any"), "Any", columns, rows, List.of());
    }

    private static QuiltDesign design(PlaceLine line, int columns, int rows) {
        return QuiltDesign.drawn(QuiltSamples.wakeRoles(), List.of(size(columns, rows)), drawing(line));
    }

    private static QuiltPlan plan(PlaceLine line, int columns, int rows) {
        QuiltDesign design = design(line, columns, rows);
        return new QuiltPlanner(ShopPractice.customary()).plan(design, design.sizes().get(0));
    }

    private static List<Problem> check(Drawing drawing) {
        return new DesignCheck(
                QuiltSamples.wakeRoles(), List.of(size(2, 2)), Optional.empty(), Optional.empty(), Optional.of(drawing), Way.DRAWING,
                Map.of())
                .problems().stream().filter(problem -> !problem.code().startsWith("role.")).toList();
    }
}
