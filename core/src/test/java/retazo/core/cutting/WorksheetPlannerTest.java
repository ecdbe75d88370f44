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

    /**
     * 48 of 2 1/2 x 10 1/2 on 40 in: strips of 10 1/2 give 16 each, 3 strips, 31 1/2 in; strips of 2 1/2 give 3 each, 16 strips,
     * 40 in. With 1 in to square, 41 in for a paper that nobody asked, whichever way round they were typed; 32 1/2 in for a page of ours.
     */
    @Test
    void of_a_paper_that_nobody_asked_the_longer_way_counts() {
        assertThat(byPaper(PrintKind.ALL_OVER, open("2 1/2", "10 1/2")).exact().value()).isEqualTo(Length.ofInches(41));
        assertThat(byPaper(PrintKind.ALL_OVER, open("10 1/2", "2 1/2")).exact().value()).isEqualTo(Length.ofInches(41));

        ClothLine line = byPaper(PrintKind.ALL_OVER, open("2 1/2", "10 1/2")).lines().get(0);

        assertThat(line.isStripOpen()).isTrue();
        assertThat(line.stripHeight().value()).isEqualTo(Length.parse("2 1/2"));
        assertThat(line.strips().value().value()).isEqualTo(16);
        assertThat(line.length().operands()).extracting(way -> way.value().toString()).containsExactly("31 1/2 in", "40 in");
        assertThat(exact("40", pieces("A1", open("2 1/2", "10 1/2"), 48, "40"))).isEqualTo(Length.parse("32 1/2 in"));
    }

    /** A one-way print lies as it was typed, and a paper that was asked cuts as it says. */
    @Test
    void what_is_known_of_a_paper_counts_alone() {
        PieceShape said = new PieceShape.Rectangle(
                figure(Length.parse("2 1/2")), figure(Length.parse("10 1/2")), Subcut.NONE, Hand.EITHER);

        assertThat(byPaper(PrintKind.ONE_WAY, open("2 1/2", "10 1/2")).exact().value()).isEqualTo(Length.parse("32 1/2 in"));
        assertThat(byPaper(PrintKind.ALL_OVER, said).exact().value()).isEqualTo(Length.parse("32 1/2 in"));
        assertThat(byPaper(PrintKind.ALL_OVER, said).lines()).noneMatch(ClothLine::isStripOpen);
    }

    /** 60 in do not lie across 40: the paper cuts them from strips of 60 in, or it could not be followed. */
    @Test
    void a_way_that_does_not_fit_the_cloth_is_not_the_papers() {
        ClothPlan plan = byPaper(PrintKind.ALL_OVER, open("60", "3"));

        assertThat(plan.lines().get(0).stripHeight().value()).isEqualTo(Length.ofInches(60));
        assertThat(plan.lines()).noneMatch(ClothLine::isStripOpen);
    }

    private static PieceShape open(String width, String height) {
        return new PieceShape.Rectangle(figure(Length.parse(width)), figure(Length.parse(height)), Subcut.NONE, Hand.EITHER, true);
    }

    private ClothPlan byPaper(PrintKind print, PieceShape shape) {
        ClothRequest request = new ClothRequest(
                "test", figure(Length.ofInches(40)), print, PRACTICE.figure(PracticeMeasure.SQUARING),
                List.of(pieces("A1", shape, 48, "40")), Optional.empty(), List.of(), true);
        return planner.plan(request).match(ClothPlanning.Planned::plan, impossible -> {
            throw new AssertionError(impossible.problems());
        });
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
                        Figure.given("n", Label.of("n"), new Count(count), Origin.pattern("n")), List.of(), Optional.empty(), new Count(0)),
                figure(Length.parse(usableWidth)));
    }

    private static Figure<Length> figure(Length length) {
        return Figure.given("f", Label.of("f"), length, Origin.pattern("f"));
    }
}
