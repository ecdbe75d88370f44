package retazo.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CountAndPercentTest {

    @ParameterizedTest
    @CsvSource({"0, 4, 0", "1, 4, 1", "4, 4, 1", "5, 4, 2", "45, 2, 23"})
    void groups_are_rounded_up(long needed, long size, long groups) {
        assertThat(new Count(needed).inGroupsOf(new Count(size))).isEqualTo(new Count(groups));
    }

    @Test
    void counts_below_zero_and_groups_of_nothing_are_refused() {
        assertThatThrownBy(() -> new Count(-1)).isInstanceOf(IllegalArgumentException.class).hasMessageContaining("-1");
        assertThatThrownBy(() -> new Count(1).inGroupsOf(new Count(0))).isInstanceOf(IllegalArgumentException.class);
    }

    @ParameterizedTest
    @CsvSource({"500, 5 %", "725, 7.25 %", "50, 0.5 %", "10000, 100 %", "0, 0 %"})
    void shares_are_written_without_zeros_at_their_end(int hundredths, String text) {
        assertThat(new Percent(hundredths)).hasToString(text);
    }

    @Test
    void shares_out_of_range_are_refused() {
        assertThatThrownBy(() -> new Percent(10_001)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Percent(-1)).isInstanceOf(IllegalArgumentException.class);
    }
}
