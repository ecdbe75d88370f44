package retazo.core.colouring;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import retazo.core.colouring.Counterparts.Ranged;

class CounterpartsTest {

    private static final List<Ranged> MUDS = List.of(old("FOG", 90), old("SAND", 70), old("MUD", 45), old("PEAT", 20));
    private static final List<Ranged> BLUES = List.of(fresh("NIGHT", 10), fresh("MIST", 95), fresh("SEA", 50), fresh("SKY", 75));

    @Test
    void the_lightest_stands_for_the_lightest_and_the_darkest_for_the_darkest() {
        assertThat(Counterparts.of(MUDS, MUDS, BLUES)).isEqualTo(Map.of("FOG", "MIST", "SAND", "SKY", "MUD", "SEA", "PEAT", "NIGHT"));
        assertThat(Counterparts.of(List.of(old("PEAT", 20)), MUDS, BLUES)).isEqualTo(Map.of("PEAT", "NIGHT"));
    }

    /** A third and two thirds of the way through five lie between places: 1⅓ and 2⅔, so the second and the fourth of them. */
    @Test
    void a_longer_range_is_stepped_through_evenly() {
        List<Ranged> five = List.of(fresh("1", 95), fresh("2", 80), fresh("3", 60), fresh("4", 40), fresh("5", 10));

        assertThat(Counterparts.of(MUDS, MUDS, five)).isEqualTo(Map.of("FOG", "1", "SAND", "2", "MUD", "4", "PEAT", "5"));
    }

    @Test
    void two_stand_for_all_where_the_new_range_has_no_more() {
        List<Ranged> two = List.of(fresh("WHITE", 98), fresh("BLACK", 5));

        assertThat(Counterparts.of(MUDS, MUDS, two)).isEqualTo(Map.of("FOG", "WHITE", "SAND", "WHITE", "MUD", "BLACK", "PEAT", "BLACK"));
    }

    @Test
    void one_that_is_alone_in_its_range_stands_where_its_value_is() {
        assertThat(Counterparts.of(List.of(new Ranged("RED", "", 30)), List.of(), BLUES)).isEqualTo(Map.of("RED", "SEA"));
    }

    @Property
    void different_fabrics_keep_different_counterparts_in_the_same_order(@ForAll long seed) {
        Random chance = new Random(seed);
        List<Ranged> used = new ArrayList<>();
        for (int i = 0; i < 1 + chance.nextInt(7); i++) {
            used.add(new Ranged("U" + i, "old " + chance.nextInt(2), chance.nextInt(101)));
        }
        List<Ranged> fresh = new ArrayList<>();
        for (int i = 0; i < used.size() + chance.nextInt(6); i++) {
            fresh.add(fresh("F" + i, chance.nextInt(101)));
        }

        Map<String, String> found = Counterparts.of(used, used, fresh);

        assertThat(found).hasSameSizeAs(used);
        assertThat(new HashSet<>(found.values())).hasSameSizeAs(used);
        for (Ranged one : used) {
            for (Ranged other : used) {
                if (one.range().equals(other.range()) && one.value() > other.value()) {
                    assertThat(value(fresh, found.get(one.code()))).isGreaterThanOrEqualTo(value(fresh, found.get(other.code())));
                }
            }
        }
    }

    private static int value(List<Ranged> all, String code) {
        return all.stream().filter(one -> one.code().equals(code)).findFirst().orElseThrow().value();
    }

    private static Ranged old(String code, int value) {
        return new Ranged(code, "Muds", value);
    }

    private static Ranged fresh(String code, int value) {
        return new Ranged(code, "Blues", value);
    }
}
