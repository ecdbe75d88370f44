package retazo.core.bolt;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import retazo.core.measure.Length;

class CounterChoiceTest {

    private static final RestRule RESTS = new RestRule(Length.ofInches(18), Length.ofInches(2));

    @Test
    void a_rest_that_is_nothing_or_can_be_sold_goes_before_an_orphan() {
        assertThat(best("36", bolt("orphan", "45", true), bolt("sellable", "90", true))).contains("sellable");
        assertThat(best("36", bolt("orphan", "45", true), bolt("nothing", "37", false))).contains("nothing");
    }

    @Test
    void a_started_bolt_goes_before_a_new_one_and_the_shorter_before_the_longer() {
        assertThat(best("36", bolt("new", "60", false), bolt("started", "200", true))).contains("started");
        assertThat(best("36", bolt("long", "200", true), bolt("short", "60", true))).contains("short");
    }

    @Test
    void no_bolt_is_proposed_that_has_less() {
        assertThat(best("36", bolt("a", "35 7/8", true))).isEmpty();
    }

    private static Optional<String> best(String length, BoltStock... bolts) {
        return CounterChoice.best(List.of(bolts), Length.parse(length), RESTS).map(BoltStock::id);
    }

    private static BoltStock bolt(String id, String free, boolean started) {
        return new BoltStock(id, Length.parse(free), Length.ofInches(40), started);
    }
}
