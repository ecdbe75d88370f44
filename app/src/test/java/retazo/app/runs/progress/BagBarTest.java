package retazo.app.runs.progress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import org.junit.jupiter.api.Test;
import retazo.app.runs.progress.RunProgress;

class BagBarTest {

    /** Of nine bags two are packed, one all cut, one begun and one waits; four are to be cut, and one more is open. */
    @Test
    void boxes_stand_one_after_the_other_those_that_are_furthest_first() {
        BagBar bar = BagBar.of(new RunProgress.Bags(9, 2, 1, 1, 1), 1);

        assertThat(bar.width()).isEqualTo(100);
        assertThat(bar.parts()).extracting(BagBar.Part::state, BagBar.Part::bags).containsExactly(
                tuple("packed", 2), tuple("ready", 1), tuple("begun", 1), tuple("to-cut", 4), tuple("waiting", 1), tuple("open", 1));
        assertThat(bar.parts().get(0).boxes()).isEqualTo("M1 1h8v12h-8zM11 1h8v12h-8z");
        assertThat(bar.parts().get(2).inside()).isEqualTo("M31 7h8v6h-8z");
        assertThat(bar.parts().get(5).boxes()).isEqualTo("M91 1h8v12h-8z");
    }

    @Test
    void a_run_without_bags_has_no_boxes() {
        assertThat(BagBar.of(RunProgress.Bags.NONE, 0).parts()).isEmpty();
    }
}
