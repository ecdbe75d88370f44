package retazo.core.quilt.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;
import retazo.core.quilt.size.Way;

class DesignCheckTest {

    private static final List<Role> ROLES = QuiltSamples.ferryWake().roles();

    @Test
    void a_role_that_is_used_nowhere_is_told_at_its_name() {
        List<Role> more = new java.util.ArrayList<>(ROLES);
        more.add(Role.of(new RoleKey("spare"), "F", "spare"));

        assertThat(check(more, List.of(QuiltSamples.crib())))
                .extracting(Problem::place, Problem::code).containsExactly(tuple("roles.5.name", "role.unused"));
    }

    @Test
    void a_role_that_is_used_and_not_defined_is_told() {
        assertThat(check(ROLES.subList(0, 4), List.of(QuiltSamples.crib())))
                .extracting(Problem::code).containsExactly("role.unknown");
    }

    @Test
    void names_must_be_there_and_differ() {
        List<Role> roles = new java.util.ArrayList<>(ROLES);
        roles.set(1, Role.of(QuiltSamples.LANTERN, "B", "Night River"));
        roles.set(2, Role.of(QuiltSamples.FOG, "C", " "));

        assertThat(check(roles, List.of(QuiltSamples.crib(), QuiltSamples.crib())))
                .extracting(Problem::place, Problem::code).containsExactly(
                        tuple("roles.1.name", "role.name-twice"),
                        tuple("roles.2.name", "role.name-missing"),
                        tuple("sizes.1.name", "size.name-twice"));
    }

    @Test
    void sizes_out_of_their_limits_are_told_at_their_field() {
        assertThat(check(ROLES, List.of(
                size("none", 0, 61, List.of()),
                size("wide", 2, 2, List.of(Length.ofInches(25))),
                size("two", 2, 2, List.of(Length.ofInches(1), Length.ofInches(1))),
                size("huge", 26, 2, List.of()))))
                .extracting(Problem::place, Problem::code).containsExactly(
                        tuple("sizes.0.columns", "size.blocks-across"),
                        tuple("sizes.0.rows", "size.blocks-across"),
                        tuple("sizes.1.border", "size.border-width"),
                        tuple("sizes.2.border", "size.more-borders"),
                        tuple("sizes.3.columns", "size.too-large"));
    }

    @Test
    void a_pattern_needs_a_size() {
        assertThat(check(ROLES, List.of())).extracting(Problem::code).containsExactly("sizes.count");
    }

    private static QuiltSize size(String key, int columns, int rows, List<Length> borders) {
        return QuiltSize.Grid.of(new SizeKey(key), key, columns, rows, borders);
    }

    private static List<Problem> check(List<Role> roles, List<QuiltSize> sizes) {
        return new DesignCheck(
                roles, sizes, Optional.empty(), Optional.empty(),
                Optional.of(QuiltSamples.drawing(QuiltSamples.wakeBlock(), QuiltSamples.QUAY)), Way.DRAWING, Map.of())
                .problems();
    }
}
