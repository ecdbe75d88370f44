package retazo.core.block.spec;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;

class UnitSpecTest {

    private static final RoleKey A = new RoleKey("A");
    private static final Scale DOUBLED = new Scale(Length.ofInches(2), Length.ofInches(1));

    /** Six came from a strip of 5 in: of the doubled outline nobody has measured that, so strip and yield are left out. */
    @Test
    void the_yield_that_was_measured_with_a_template_is_left_out_when_it_is_scaled() {
        UnitPart measured = new UnitPart(A, "6", List.of(Length.ofInches(5), Length.ofInches(3), Length.ofInches(4)));

        UnitSpec scaled = new UnitSpec(UnitKind.TEMPLATES, UnitMethod.ONLY, List.of(measured)).scaled(DOUBLED).orElseThrow();

        assertThat(scaled.parts()).containsExactly(new UnitPart(A, "", List.of(Length.ofInches(6), Length.ofInches(8))));
    }

    @Test
    void the_parts_of_other_kinds_keep_their_places_and_all_their_sizes_grow() {
        UnitPart corner = new UnitPart(A, "top-left", List.of(Length.ofInches(3, 2)));

        UnitSpec scaled = new UnitSpec(UnitKind.CLIPPED, UnitMethod.ONLY, List.of(corner)).scaled(DOUBLED).orElseThrow();

        assertThat(scaled.parts()).containsExactly(new UnitPart(A, "top-left", List.of(Length.ofInches(3))));
    }

    /** A third of the smallest tick is no length. */
    @Test
    void what_falls_between_two_ticks_is_not_scaled() {
        UnitSpec spec = new UnitSpec(UnitKind.CLIPPED, UnitMethod.ONLY, List.of(new UnitPart(A, "top-left", List.of(new Length(1)))));

        assertThat(spec.scaled(new Scale(Length.ofInches(1), Length.ofInches(3)))).isEmpty();
    }
}
