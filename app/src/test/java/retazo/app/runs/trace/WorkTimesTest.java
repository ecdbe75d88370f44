package retazo.app.runs.trace;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;

import org.junit.jupiter.api.Test;

class WorkTimesTest {

    private static final Instant NINE = Instant.parse("2026-03-02T09:00:00Z");

    /**
     * One person records at 9:00, 9:02 and 9:06, then after lunch; another at 9:01 and 9:04: steps of 2, 4 and 3 minutes are known, 3 on
     * average. Six steps made two bags: 9 minutes each.
     */
    @Test
    void what_is_known_of_some_steps_stands_for_all() {
        List<WorkTimes.Recorded> steps = List.of(at(1, 0), at(2, 1), at(1, 2), at(2, 4), at(1, 6), at(1, 190));

        assertThat(WorkTimes.eachStep(steps)).contains(Duration.ofMinutes(3));
        assertThat(WorkTimes.eachBag(steps, 2)).contains(Duration.ofMinutes(9));
    }

    @Test
    void of_single_steps_and_of_no_bag_nothing_is_said() {
        assertThat(WorkTimes.eachStep(List.of())).isEmpty();
        assertThat(WorkTimes.eachStep(List.of(at(1, 0), at(2, 1), at(1, 16)))).isEmpty();
        assertThat(WorkTimes.eachBag(List.of(at(1, 0), at(1, 1)), 0)).isEmpty();
    }

    private static WorkTimes.Recorded at(long person, int minute) {
        return new WorkTimes.Recorded(person, NINE.plus(Duration.ofMinutes(minute)));
    }
}
