package retazo.app.runs.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import retazo.app.stock.Bolt;
import retazo.core.bolt.RestRule;
import retazo.core.measure.Length;

/** Bags of one length each of fabric 7; rests of 18 in and more are remnants. */
class ReplanTest {

    private static final RestRule RESTS = new RestRule(Length.ofInches(18), Length.ofInches(4));

    /** 50 in promised of 45: the last cut on the bolt goes, and its line finds the other bolt; the first stays where it is. */
    @Test
    void what_a_bolt_no_longer_has_goes_last_first_and_the_rest_stays() {
        Replan.Decision decision = Replan.of(new Replan.Seen(
                List.of(line(1, 1), line(2, 2)), List.of(held(11, 1, 1, 1), held(12, 1, 2, 2)), List.of(bolt(1, 45, 50), bolt(2, 30, 0)),
                RESTS));

        assertThat(decision.gone()).containsExactly(12L);
        assertThat(decision.placed()).containsExactly(new Replan.Placed(2, 2));
        assertThat(decision.isNewPlan()).isTrue();
    }

    @Test
    void where_all_has_its_bolt_nothing_changes() {
        Replan.Decision decision = Replan.of(new Replan.Seen(
                List.of(line(1, 1)), List.of(held(11, 1, 1, 1)), List.of(bolt(1, 45, 25)), RESTS));

        assertThat(decision).isEqualTo(new Replan.Decision(List.of(), List.of(), false));
    }

    /** 26 in for two bags of 25: one is placed, that of the bag that is begun, though it is the later one. */
    @Test
    void where_not_all_fits_a_bag_that_is_begun_comes_first() {
        Replan.Line begun = new Replan.Line(2, 2, 2, true, 7, Length.ofInches(25), Length.ofInches(40));

        Replan.Decision decision = Replan.of(new Replan.Seen(List.of(line(1, 1), begun), List.of(), List.of(bolt(1, 26, 0)), RESTS));

        assertThat(decision.placed()).containsExactly(new Replan.Placed(2, 1));
    }

    /** What other runs are promised of a bolt is not touched, and a line whose own cut is let go may have its cloth again. */
    @Test
    void cloth_of_other_runs_is_left_alone() {
        Replan.Decision decision = Replan.of(new Replan.Seen(
                List.of(line(1, 1), line(2, 2)), List.of(held(11, 1, 1, 1)), List.of(bolt(1, 60, 55)), RESTS));

        assertThat(decision.gone()).containsExactly(11L);
        assertThat(decision.placed()).containsExactly(new Replan.Placed(1, 1));
    }

    private static Replan.Line line(long id, int bag) {
        return new Replan.Line(id, bag, bag, false, 7, Length.ofInches(25), Length.ofInches(40));
    }

    private static Replan.Held held(long cut, long bolt, int position, long line) {
        return new Replan.Held(cut, bolt, position, Length.ofInches(25), List.of(line));
    }

    private static Bolt bolt(long id, int onHand, int reserved) {
        return new Bolt(id, "B" + id, 7, "L", "bay", Length.ofInches(40), Length.ofInches(onHand), Length.ofInches(reserved), false,
                Optional.empty(), Optional.empty());
    }
}
