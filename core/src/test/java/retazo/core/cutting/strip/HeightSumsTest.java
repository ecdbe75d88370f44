package retazo.core.cutting.strip;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class HeightSumsTest {

    /** 6 and 9 make 6, 9, 12, 15, 18 …: all of threes but 3. */
    @Test
    void the_least_sum_that_reaches_a_length() {
        HeightSums sums = new HeightSums(new int[] {6, 9});

        assertThat(sums.atLeast(0)).isZero();
        assertThat(sums.atLeast(1)).isEqualTo(6);
        assertThat(sums.atLeast(7)).isEqualTo(9);
        assertThat(sums.atLeast(10)).isEqualTo(12);
        assertThat(sums.atLeast(1_000_000)).isEqualTo(1_000_002);
        assertThat(sums.next(11)).containsExactly(0, 6, 6, 6, 6, 6, 6, 9, 9, 9, 11);
    }

    @Property
    void it_is_what_adding_heights_one_by_one_reaches(
            @ForAll @Size(min = 1, max = 6) Set<@IntRange(min = 1, max = 40) Integer> heights, @ForAll @IntRange(max = 300) int length) {
        boolean[] reached = new boolean[length + 41];
        reached[0] = true;
        for (int sum = 0; sum < reached.length; sum++) {
            for (int height : heights) {
                reached[sum] |= height <= sum && reached[sum - height];
            }
        }
        int least = length;
        while (!reached[least]) {
            least++;
        }

        assertThat(new HeightSums(heights.stream().mapToInt(Integer::intValue).sorted().toArray()).atLeast(length)).isEqualTo(least);
    }
}
