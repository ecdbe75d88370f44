package retazo.core.block.spec;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class UnitKindTest {

    /** Four at a time, half-square triangles are cut on both diagonals, so that their outer edges stretch; geese are sewn into squares. */
    @ParameterizedTest
    @CsvSource({
            "HALF_SQUARE, TWO_AT_A_TIME, INSIDE", "HALF_SQUARE, FOUR_AT_A_TIME, OUTSIDE", "HALF_SQUARE, EIGHT_AT_A_TIME, INSIDE",
            "GEESE, FLIP, INSIDE", "GEESE, FOUR_AT_A_TIME, INSIDE", "PATCH, ONLY, NONE", "STRIP_SET, ONLY, NONE",
            "TEMPLATES, ONLY, OUTSIDE"})
    void the_edges_that_stretch_follow_from_kind_and_method(UnitKind kind, UnitMethod method, BiasEdges edges) {
        assertThat(kind.bias(method)).isEqualTo(edges);
    }

    @Test
    void every_kind_is_found_by_its_code_and_makes_with_its_first_method() {
        for (UnitKind kind : UnitKind.values()) {
            assertThat(UnitKind.ofCode(kind.code())).contains(kind);
            assertThat(kind.methods()).first().isEqualTo(kind.customaryMethod());
        }
    }
}
