package retazo.app.papers;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
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

    /** A block of one unit. */
    private static List<SewingPage.Step> steps(CutUnit unit, int width, int height) {
        BlockKey key = new BlockKey("one");
        Block block = Block.of(
                List.of(Length.ofInches(width)), List.of(Length.ofInches(height)), List.of(Cell.at(0, 0, unit, Orientation.UPRIGHT)));
        QuiltDesign design = QuiltDesign.drawn(
                List.of(Role.of(A, "A", "a"), Role.of(B, "B", "b")),
                List.of(QuiltSize.Grid.of(new SizeKey("s"), "S", 2, 2, List.of())),
                Drawing.of(List.of(new BlockKind(key, "one", block)), Composition.straight(
                        PlaceRule.uniform(key), Finishing.of(List.of(), Optional.empty(), Optional.empty()))));
        ShopPractice exact = ShopPractice.customary().with(PracticeMeasure.HALF_SQUARE_OVERSIZE, Length.ZERO);
        return StepDrawings.of(new QuiltPlanner(exact).plan(design, design.sizes().get(0)).units().get(0));
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

    /** Nobody sews a patch. */
    @Test
    void what_its_drawing_tells_has_no_steps() {
        RoleKey role = A;
        assertThat(StepDrawings.of(patch(role))).isEmpty();
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
