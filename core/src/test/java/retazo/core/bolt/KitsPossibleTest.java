package retazo.core.bolt;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

class KitsPossibleTest {

    /** A bag takes 1 yd of A and 2 yd of B; there is A for three bags, B for two. */
    private static final Map<String, Length> LENGTHS = Map.of("A", Length.ofYards(1, 1), "B", Length.ofYards(2, 1));
    private static final KitsPossible NOW = new KitsPossible(
            Map.of("A", new Count(3), "B", new Count(2), "copy", new Count(9)), new Count(2), List.of("B"));

    /** Five yards of B are two bags more, four in all; then A stops the fourth. */
    @Test
    void a_bolt_more_of_what_stops_frees_bags_until_something_else_stops() {
        KitsPossible then = NOW.withBolts(LENGTHS, Map.of("B", Length.ofYards(5, 1), "A", Length.ofYards(50, 1)));

        assertThat(then.bags()).isEqualTo(new Count(3));
        assertThat(then.stoppedBy()).containsExactly("A");
        assertThat(then.bagsByCode()).containsEntry("B", new Count(4)).containsEntry("A", new Count(3));
    }

    @Test
    void a_bolt_too_short_for_one_bag_and_a_thing_that_is_counted_free_nothing() {
        assertThat(NOW.withBolts(LENGTHS, Map.of("B", Length.ofYards(1, 1))).bags()).isEqualTo(new Count(2));
        KitsPossible noCopy = new KitsPossible(Map.of("A", new Count(3), "copy", new Count(0)), new Count(0), List.of("copy"));
        assertThat(noCopy.withBolts(LENGTHS, Map.of("A", Length.ofYards(9, 1)))).isEqualTo(noCopy);
    }
}
