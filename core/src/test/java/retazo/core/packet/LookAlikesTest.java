package retazo.core.packet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Optional;
import java.util.List;

import org.junit.jupiter.api.Test;

import retazo.core.block.shape.Hand;
import retazo.core.block.shape.PieceShape;
import retazo.core.block.shape.Subcut;
import retazo.core.cloth.RoleKey;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Length;
import retazo.core.quilt.setting.Use;

class LookAlikesTest {

    private static final ShopPiece SQUARE = rectangle("A1", "gull", 16, 16, Subcut.NONE, Hand.EITHER);

    @Test
    void a_quarter_inch_apart_looks_alike_and_three_eighths_do_not() {
        ShopPiece near = rectangle("A2", "gull", 17, 15, Subcut.NONE, Hand.EITHER);
        ShopPiece far = rectangle("A3", "gull", 16, 19, Subcut.NONE, Hand.EITHER);

        assertThat(LookAlikes.of(List.of(SQUARE, near, far))).containsOnlyKeys("A1", "A2").containsEntry(
                "A1", List.of(new LookAlikes.LookAlike(near, LookAlikes.Difference.SIZE)));
    }

    @Test
    void a_turn_does_not_tell_pieces_apart() {
        ShopPiece lying = rectangle("A1", "gull", 28, 14, Subcut.NONE, Hand.EITHER);
        ShopPiece standing = rectangle("A2", "gull", 14, 28, Subcut.NONE, Hand.EITHER);

        assertThat(difference(lying, standing)).isEqualTo(LookAlikes.Difference.NONE);
    }

    @Test
    void mirror_images_and_squares_that_are_cut_again_are_named_for_what_they_are() {
        ShopPiece left = rectangle("A1", "gull", 28, 14, Subcut.ONCE, Hand.LEFT);
        ShopPiece right = rectangle("A2", "gull", 28, 14, Subcut.ONCE, Hand.RIGHT);

        assertThat(difference(left, right)).isEqualTo(LookAlikes.Difference.MIRRORED);
        assertThat(difference(SQUARE, rectangle("A2", "gull", 16, 16, Subcut.TWICE, Hand.EITHER)))
                .isEqualTo(LookAlikes.Difference.CUT_AGAIN);
    }

    @Test
    void another_cloth_is_never_taken_for_it() {
        assertThat(LookAlikes.of(List.of(SQUARE, rectangle("B1", "kelp", 16, 16, Subcut.NONE, Hand.EITHER)))).isEmpty();
    }

    private static LookAlikes.Difference difference(ShopPiece one, ShopPiece other) {
        Map<String, List<LookAlikes.LookAlike>> alike = LookAlikes.of(List.of(one, other));
        return java.util.Objects.requireNonNull(alike.get(one.key())).get(0).difference();
    }

    /** Sides in quarter inches. */
    private static ShopPiece rectangle(String label, String from, int width, int height, Subcut subcut, Hand hand) {
        Length across = Length.ofInches(width, 4);
        Length along = Length.ofInches(height, 4);
        PieceShape shape = new PieceShape.Rectangle(given(across), given(along), subcut, hand);
        return new ShopPiece(label, label, new RoleKey("role"), from, Use.BLOCKS, Optional.of(shape), Optional.empty(), across, along, 10);
    }

    private static Figure<Length> given(Length length) {
        return Figure.given("side", Label.of("piece.count"), length, Origin.craft("test"));
    }
}
