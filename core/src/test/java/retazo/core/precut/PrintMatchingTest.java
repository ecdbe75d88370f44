package retazo.core.precut;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import retazo.core.precut.PrintMatching.Pairing;
import retazo.core.precut.PrintMatching.Print;
import retazo.core.precut.PrintMatching.Unit;
import retazo.core.precut.PrintMatching.Value;

class PrintMatchingTest {

    private static final Unit TWO_DIFFERENT = new Unit(List.of(Optional.empty(), Optional.empty()), 1);

    /** Eight pieces for four units of two, but six are ripples, of which a unit takes one: dots and rings make two units, not four. */
    @Test
    void enough_pieces_are_not_enough_different_prints() {
        List<Print> prints = List.of(print("ripples", Value.DARK, 6), print("dots", Value.DARK, 1), print("rings", Value.DARK, 1));

        Pairing pairing = new PrintMatching(prints, TWO_DIFFERENT).pair(4);

        assertThat(pairing.isComplete()).isFalse();
        assertThat(pairing.units()).hasSize(2);
        assertThat(pairing.units()).allSatisfy(unit -> assertThat(unit).doesNotHaveDuplicates().hasSize(2));
    }

    /** A fourth print as a single in place of two ripples makes a third unit, a fifth the fourth. */
    @Test
    void singles_take_the_place_of_dropped_prints() {
        List<Print> prints = new ArrayList<>(List.of(
                print("ripples", Value.DARK, 6), print("dots", Value.DARK, 1), print("rings", Value.DARK, 1),
                print("sails", Value.DARK, 1)));
        assertThat(new PrintMatching(prints, TWO_DIFFERENT).pair(4).units()).hasSize(3);

        prints.add(print("reeds", Value.DARK, 1));

        assertThat(new PrintMatching(prints, TWO_DIFFERENT).pair(4).isComplete()).isTrue();
    }

    @Test
    void light_and_dark_must_match_up() {
        List<Print> prints = List.of(print("fog", Value.LIGHT, 5), print("mud", Value.DARK, 2), print("coot", Value.DARK, 1),
                print("reed", Value.MEDIUM, 9));
        Unit pair = new Unit(List.of(Optional.of(Value.LIGHT), Optional.of(Value.DARK)), 1);

        Pairing pairing = new PrintMatching(prints, pair).pair(5);

        assertThat(pairing.units()).hasSize(3).allSatisfy(unit -> assertThat(unit.get(0)).isEqualTo("fog"));
        assertThat(pairing.units()).extracting(unit -> unit.get(1)).containsExactlyInAnyOrder("mud", "mud", "coot");
    }

    /** Twins: two identical strips of each print. Prints with one strip serve nobody, one with three serves once. */
    @Test
    void twins_come_from_one_print() {
        List<Print> prints = List.of(print("fog", Value.LIGHT, 1), print("mud", Value.DARK, 3), print("coot", Value.DARK, 2));

        assertThat(new PrintMatching(prints, new Unit(List.of(Optional.empty()), 2)).pair(3).units()).hasSize(2);
    }

    /** The first unit may have taken the only dark print for a place that takes any: it has to give it up. */
    @Test
    void a_place_that_takes_any_print_leaves_the_dark_one_to_who_needs_it() {
        List<Print> prints = List.of(print("coot", Value.DARK, 1), print("fog", Value.LIGHT, 1));
        Unit unit = new Unit(List.of(Optional.empty(), Optional.of(Value.DARK)), 1);

        assertThat(new PrintMatching(prints, unit).pair(1).units()).containsExactly(List.of("fog", "coot"));
    }

    /** For k different prints out of equal ones, n units can be made just if Σ min(pieces, n) ≥ k · n (Gale and Ryser). */
    @Property(tries = 200)
    void as_many_units_as_the_counts_allow(
            @ForAll @Size(min = 1, max = 7) List<@IntRange(min = 0, max = 6) Integer> pieces,
            @ForAll @IntRange(min = 1, max = 3) int places) {
        List<Print> prints = new ArrayList<>();
        pieces.forEach(count -> prints.add(print("p" + prints.size(), Value.MEDIUM, count)));
        int expected = 0;
        for (int n = 1; n <= 8; n++) {
            int units = n;
            if (pieces.stream().mapToInt(count -> Math.min(count, units)).sum() >= places * n) {
                expected = n;
            }
        }

        Pairing pairing = new PrintMatching(prints, new Unit(Collections.nCopies(places, Optional.empty()), 1)).pair(8);

        assertThat(pairing.units()).hasSize(expected);
        assertThat(pairing.units()).allSatisfy(unit -> assertThat(new HashSet<>(unit)).hasSize(places));
        prints.forEach(print -> assertThat(pairing.units().stream().flatMap(List::stream).filter(print.name()::equals).count())
                .isLessThanOrEqualTo(print.pieces()));
    }

    private static Print print(String name, Value value, int pieces) {
        return new Print(name, value, pieces);
    }
}
