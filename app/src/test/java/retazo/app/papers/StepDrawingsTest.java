package retazo.app.papers;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import retazo.core.block.Block;
import retazo.core.block.BlockKey;
import retazo.core.block.Cell;
import retazo.core.block.shape.Orientation;
import retazo.core.block.spec.UnitMethod;
import retazo.core.block.unit.CutUnit;
import retazo.core.block.unit.Geese;
import retazo.core.block.unit.HalfSquare;
import retazo.core.block.unit.Patch;
import retazo.core.block.unit.Ring;
import retazo.core.block.unit.Slashed;
import retazo.core.block.unit.Wedge;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;
import retazo.core.quilt.design.BlockKind;
import retazo.core.quilt.design.Composition;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.finish.Finishing;
import retazo.core.quilt.place.PlaceRule;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;

/** Lines worked out by hand, exact sizes: a seam of 1/4 beside a diagonal meets the edges √2 ÷ 4 = 0.354 in from the corner. */
class StepDrawingsTest {

    private static final RoleKey A = new RoleKey("a");
    private static final RoleKey B = new RoleKey("b");
    /** The role whose print stands on its foot. */
    private static final RoleKey UPRIGHT = new RoleKey("c");

    /** A block of one unit. */
    private static List<SewingPage.Step> steps(CutUnit unit, int width, int height) {
        BlockKey key = new BlockKey("one");
        Block block = Block.of(
                List.of(Length.ofInches(width)), List.of(Length.ofInches(height)), List.of(Cell.at(0, 0, unit, Orientation.UPRIGHT)));
        QuiltDesign design = QuiltDesign.drawn(
                Stream.of(Role.of(A, "A", "a"), Role.of(B, "B", "b"), Role.of(UPRIGHT, "C", "c"))
                        .filter(role -> unit.spec().roles().contains(role.key())).toList(),
                List.of(QuiltSize.Grid.of(new SizeKey("s"), "S", 2, 2, List.of())),
                Drawing.of(List.of(new BlockKind(key, "one", block)), Composition.straight(
                        PlaceRule.uniform(key), Finishing.of(List.of(), Optional.empty(), Optional.empty()))));
        ShopPractice exact = ShopPractice.customary().with(PracticeMeasure.HALF_SQUARE_OVERSIZE, Length.ZERO);
        return StepDrawings.of(new QuiltPlanner(exact).plan(design, design.sizes().get(0)).units().get(0), UPRIGHT::equals);
    }

    /** 3 in finished: squares of 3 + 1/2 + 0.354, rounded up to 3 7/8. */
    @Test
    void two_at_a_time_is_sewn_on_both_sides_of_the_diagonal_and_cut_on_it() {
        assertThat(steps(new HalfSquare(A, B, UnitMethod.TWO_AT_A_TIME), 3, 3)).containsExactly(new SewingPage.Step(
                "3.875", "3.875", "", "", "M0 3.521L3.521 0M0.354 3.875L3.875 0.354", "M0 3.875L3.875 0"));
    }

    /** Squares of √2 × 3 1/2 + 1/2 = 5.45, rounded up to 5 1/2, sewn a quarter inch inside their edges. */
    @Test
    void four_at_a_time_is_sewn_all_around_and_cut_on_both_diagonals() {
        assertThat(steps(new HalfSquare(A, B, UnitMethod.FOUR_AT_A_TIME), 3, 3)).containsExactly(new SewingPage.Step(
                "5.5", "5.5", "", "", "M0.25 0.25H5.25V5.25H0.25Z", "M0 0L5.5 5.5M0 5.5L5.5 0"));
    }

    /** 6 × 3 in finished: a rectangle of 6 1/2 × 3 1/2 and a square of 3 1/2, cut a seam outside of where it is sewn. */
    @Test
    void a_goose_is_flipped_at_its_corner() {
        assertThat(steps(new Geese(A, B, UnitMethod.FLIP), 6, 3)).containsExactly(new SewingPage.Step(
                "6.5", "3.5", "M0 0h3.5v3.5h-3.5Z", "", "M0 3.5L3.5 0", "M0 3.146L3.146 0"));
    }

    /**
     * 4 × 3 in finished to a top of 1: the lean is 1½, a side √(3² + 1½²) = 3.354 long. Each side moves out by ¼ × 3.354 ÷ 3 = 0.2795,
     * and a seam reaches ¼ × 1½ ÷ 3 = 1/8 further below, less above: base 4 + 0.559 + ¼ → 4⅞, top 1 + 0.559 − ¼ → 1⅜, a pitch of 3⅛.
     */
    @Test
    void wedges_share_a_slanted_side_on_their_strip() {
        SewingPage.Step strip = steps(new Wedge(A, Length.ofInches(1), B), 4, 3).get(0);

        assertThat(strip.height()).isEqualTo("3.5");
        assertThat(strip.width()).isEqualTo("11.125");
        assertThat(strip.cuts()).isEqualTo("M0 3.5L1.75 0M4.875 3.5L3.125 0M6.25 3.5L8 0M11.125 3.5L9.375 0");
    }

    @Test
    void wedges_of_a_print_that_stays_upright_stand_beside_each_other() {
        SewingPage.Step strip = steps(new Wedge(UPRIGHT, Length.ofInches(1), B), 4, 3).get(0);

        assertThat(strip.width()).isEqualTo("14.625");
        assertThat(strip.cuts()).isEqualTo(
                "M0 3.5L1.75 0M4.875 3.5L3.125 0M4.875 3.5L6.625 0M9.75 3.5L8 0M9.75 3.5L11.5 0M14.625 3.5L12.875 0");
    }

    /** The left side lies at the top left of its wedge, its long edge rising; the right one is its mirror image. */
    @Test
    void the_sides_of_a_wedge_are_cut_from_two_rectangles_one_each_way() {
        List<SewingPage.Step> steps = steps(new Wedge(A, Length.ofInches(1), B), 4, 3);

        assertThat(steps).hasSize(3);
        assertThat(steps.get(1).cuts()).isEqualTo("M0 " + steps.get(1).height() + "L" + steps.get(1).width() + " 0");
        assertThat(steps.get(2).cuts()).isEqualTo("M0 0L" + steps.get(2).width() + " " + steps.get(2).height());
    }

    /** Eight wedges of two roles lie alike on their strips, so that one drawing tells it; then the square of the corners. */
    @Test
    void a_ring_shows_its_wedges_once_and_the_square_of_its_corners() {
        List<SewingPage.Step> steps = steps(new Ring(List.of(A, B), UPRIGHT, false), 12, 12);

        assertThat(steps).hasSize(2);
        assertThat(steps.get(1).width()).isEqualTo(steps.get(1).height());
        assertThat(steps.get(1).cuts()).isEqualTo("M0 " + steps.get(1).height() + "L" + steps.get(1).width() + " 0");
        assertThat(steps(new Ring(List.of(A, UPRIGHT), B, false), 12, 12)).hasSize(3);
    }

    /**
     * 6 in wide, 4 in high, two cuts that lean 3 in: each seam takes ½ × 5 ÷ 4 along the width, so 6 + ½ + 1¼ = 7¾ by 4½ in; over 4½ in a
     * cut leans 3⅜, half of it to either side of the middle of a seam, at ¼ + 2 + 5⁄16 = 2.5625 and ¼ + 4 + 15⁄16 = 5.1875.
     */
    @Test
    void a_slashed_rectangle_is_cut_at_its_slope() {
        assertThat(steps(new Slashed(List.of(A, B, UPRIGHT), Length.ofInches(3)), 6, 4)).containsExactly(new SewingPage.Step(
                "7.75", "4.5", "", "", "", "M0.875 4.5L4.25 0M3.5 4.5L6.875 0"));
    }

    /** Nobody sews a patch. */
    @Test
    void what_its_drawing_tells_has_no_steps() {
        RoleKey role = A;
        assertThat(StepDrawings.of(patch(role), UPRIGHT::equals)).isEmpty();
    }

    private static retazo.core.quilt.plan.MadeUnit patch(RoleKey role) {
        BlockKey key = new BlockKey("one");
        Block block = Block.of(
                List.of(Length.ofInches(3)), List.of(Length.ofInches(3)), List.of(Cell.at(0, 0, new Patch(role), Orientation.UPRIGHT)));
        QuiltDesign design = QuiltDesign.drawn(
                List.of(Role.of(role, "A", "a")), List.of(QuiltSize.Grid.of(new SizeKey("s"), "S", 2, 2, List.of())),
                Drawing.of(List.of(new BlockKind(key, "one", block)), Composition.straight(
                        PlaceRule.uniform(key), Finishing.of(List.of(), Optional.empty(), Optional.empty()))));
        return new QuiltPlanner(ShopPractice.customary()).plan(design, design.sizes().get(0)).units().get(0);
    }
}
