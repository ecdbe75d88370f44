package retazo.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import retazo.core.block.shape.Hand;
import retazo.core.block.shape.PieceShape;
import retazo.core.block.shape.Subcut;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.ShopPractice;
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

class WorksheetPlannerTest {

    private static final ShopPractice PRACTICE = ShopPractice.customary();

    private final WorksheetPlanner planner = new WorksheetPlanner();

    /** 27 of 4 1/2 at 40 in: 8 to a strip, 4 strips, 18 in, and squaring 1: 19. At 40 1/2 nine fit, 3 strips: 14 1/2. */
    @Test
    void half_an_inch_of_width_can_be_a_strip() {
        assertThat(exact("40", patches("A1", "4 1/2", "4 1/2", 27))).isEqualTo(Length.parse("19"));
        assertThat(exact("40 1/2", patches("A1", "4 1/2", "4 1/2", 27, "40 1/2"))).isEqualTo(Length.parse("14 1/2"));
    }

    @Test
    void pieces_are_cut_as_drawn_and_not_turned() {
        assertThat(exact("40", patches("A1", "3 1/2", "13 1/2", 24))).isEqualTo(Length.parse("41 1/2"));
        assertThat(exact("40", patches("A1", "13 1/2", "3 1/2", 24))).isEqualTo(Length.parse("43"));
    }

    @Test
    void equal_sizes_of_two_roles_share_their_strips() {
        assertThat(exact("40", patches("A1", "3 1/2", "3 1/2", 60), patches("C1", "3 1/2", "3 1/2", 100)))
                .isEqualTo(Length.parse("53 1/2"));
    }

    @Test
    void what_has_to_be_whole_is_cut_first_then_the_taller_strips() {
        QuiltPlan quilt = new QuiltPlanner(PRACTICE).plan(QuiltSamples.ferryWake(), QuiltSamples.throwSize());

        ClothPlan plan = plan("40", List.of(
                patches("A2", "3", "3", 5),
                new ClothNeed.Binding(quilt.bindings().get(0)),
                patches("A1", "6", "6", 5),
                new ClothNeed.Long(quilt.longPieces().get(0)),
                new ClothNeed.Backing(quilt.backings().get(0))));

        assertThat(plan.lines()).extracting(line -> line.use().place(), line -> line.pieceLabels()).containsExactly(
                tuple(Use.Place.BACKING, List.of()),
                tuple(Use.Place.BORDER, List.of()),
                tuple(Use.Place.BINDING, List.of()),
                tuple(Use.Place.BLOCKS, List.of("A1")),
                tuple(Use.Place.BLOCKS, List.of("A2")));
    }

    @Test
    void a_cloth_that_nothing_is_cut_from_cannot_be_asked_for() {
        assertThatThrownBy(() -> plan("40", List.of())).isInstanceOf(IllegalArgumentException.class);
    }

    /** Strips hold all pieces, and one strip fewer would not; the exact length is strips times height and squaring. */
    @Property
    void strips_are_enough_and_not_one_too_many(
            @ForAll @IntRange(min = 8, max = 320) int widthEighths,
            @ForAll @IntRange(min = 8, max = 160) int heightEighths,
            @ForAll @IntRange(min = 1, max = 500) int count) {
        ClothPlan plan = plan("40", List.of(patches(
                "A1", Length.ofInches(widthEighths, 8).toString(), Length.ofInches(heightEighths, 8).toString(), count)));

        long perStrip = 320 / widthEighths;
        long strips = plan.lines().get(0).strips().value().value();

        assertThat(strips * perStrip).isGreaterThanOrEqualTo(count);
        assertThat((strips - 1) * perStrip).isLessThan(count);
        assertThat(plan.exact().value()).isEqualTo(Length.ofInches(heightEighths * strips + 8, 8));
    }

    private Length exact(String width, ClothNeed... needs) {
        return plan(width, List.of(needs)).exact().value();
    }

    private ClothPlan plan(String width, List<ClothNeed> needs) {
        ClothRequest request = new ClothRequest(
                "test", figure(Length.parse(width)), PrintKind.ALL_OVER, PRACTICE.figure(PracticeMeasure.SQUARING), new ArrayList<>(needs),
                Optional.empty());
        return planner.plan(request).match(ClothPlanning.Planned::plan, impossible -> {
            throw new AssertionError(impossible.problems());
        });
    }

    private static ClothNeed patches(String label, String width, String height, long count) {
        return patches(label, width, height, count, "40");
    }

    private static ClothNeed patches(String label, String width, String height, long count, String usableWidth) {
        PieceShape shape = new PieceShape.Rectangle(
                figure(Length.parse(width)), figure(Length.parse(height)), Subcut.NONE, Hand.EITHER);
        return pieces(label, shape, count, usableWidth);
    }

    private static ClothNeed pieces(String label, PieceShape shape, long count, String usableWidth) {
        return new ClothNeed.Pieces(
                new PieceNeed(
                        label, QuiltSamples.NIGHT, Use.BLOCKS, shape,
                        Figure.given("n", Label.of("n"), new Count(count), Origin.pattern("n")), List.of(), Optional.empty()),
                figure(Length.parse(usableWidth)));
    }

    private static Figure<Length> figure(Length length) {
        return Figure.given("f", Label.of("f"), length, Origin.pattern("f"));
    }
}
