package retazo.core.block;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/** Units at two sizes and both ways, by hand: exact F + 7/8, sewn an eighth larger F + 1. */
class SewnUnitTest {

    private static final RoleKey A = new RoleKey("a");
    private static final RoleKey B = new RoleKey("b");

    @ParameterizedTest
    @CsvSource({"3, 0, 3 7/8", "5, 0, 5 7/8", "3, 1/8, 4", "5, 1/8, 6", "2 1/2, 1/4, 3 5/8"})
    void half_square_triangles_are_cut_from_squares_and_trimmed(String finished, String oversize, String square) {
        UnitCut cut = new SewnUnit.HalfSquare(A, B, Length.parse(finished)).cut("u", count(45), practice(oversize));

        assertThat(cut.pieces()).extracting(piece -> piece.width().value()).containsOnly(Length.parse(square));
        assertThat(cut.pieces()).extracting(piece -> piece.count().value()).containsOnly(new Count(23));
        assertThat(cut.yields().value()).isEqualTo(new Count(46));
        assertThat(cut.trimTo().orElseThrow().value()).isEqualTo(Length.parse(finished).plus(Length.ofInches(1, 2)));
    }

    @Test
    void the_two_roles_of_a_triangle_unit_have_no_order() {
        assertThat(new SewnUnit.HalfSquare(B, A, Length.ofInches(3))).isEqualTo(new SewnUnit.HalfSquare(A, B, Length.ofInches(3)));
    }

    @ParameterizedTest
    @CsvSource({"4 1/2, 2, 5, 2 1/2", "3, 3, 3 1/2, 3 1/2"})
    void a_patch_has_a_seam_on_every_side(String width, String height, String cutWidth, String cutHeight) {
        UnitCut cut = new SewnUnit.Patch(A, Length.parse(width), Length.parse(height)).cut("u", count(7), practice("0"));

        assertThat(cut.pieces().get(0).width().value()).isEqualTo(Length.parse(cutWidth));
        assertThat(cut.pieces().get(0).height().value()).isEqualTo(Length.parse(cutHeight));
        assertThat(cut.pieces().get(0).count().value()).isEqualTo(new Count(7));
        assertThat(cut.trimTo()).isEmpty();
    }

    private static UnitPractice practice(String oversize) {
        return UnitPractice.of(ShopPractice.customary().with(PracticeMeasure.HALF_SQUARE_OVERSIZE, Length.parse(oversize)));
    }

    private static Figure<Count> count(long value) {
        return Figure.given("n", Label.of("n"), new Count(value), Origin.pattern("n"));
    }
}
