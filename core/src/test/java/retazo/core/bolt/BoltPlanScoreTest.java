package retazo.core.bolt;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import retazo.core.measure.Length;

class BoltPlanScoreTest {

    /** Each is better than the next by one level alone, and worse by every level after that. */
    @Test
    void more_bags_come_first_then_fewer_orphans_then_less_orphaned_length_then_fewer_bolts() {
        List<BoltPlanScore> bestFirst = List.of(
                score(5, 9, 90, 9), score(4, 1, 80, 9), score(4, 2, 10, 8), score(4, 2, 20, 3), score(4, 2, 20, 4), score(3, 0, 0, 0));
        List<BoltPlanScore> shuffled = new ArrayList<>(bestFirst);
        Collections.reverse(shuffled);

        Collections.sort(shuffled);

        assertThat(shuffled).isEqualTo(bestFirst);
    }

    private static BoltPlanScore score(int bags, int orphans, int orphanInches, int bolts) {
        return new BoltPlanScore(bags, orphans, Length.ofInches(orphanInches), bolts);
    }
}
