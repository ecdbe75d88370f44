package retazo.core.quilt.size;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import retazo.core.block.shape.FinishedSize;
import retazo.core.measure.Length;

class CustomarySizeTest {

    /** 66 × 90 is four narrower than a twin of 70 × 90; 54 × 102 misses it by 16 and 12. */
    @ParameterizedTest
    @CsvSource({"36, 52, CRIB, 0", "66, 90, TWIN, 4", "54, 102, TWIN, 28", "48, 60, THROW, 7", "100, 100, KING, 11", "80, 90, FULL, 4"})
    void the_nearest_misses_both_sides_by_least(int width, int height, CustomarySize nearest, int missed) {
        FinishedSize quilt = new FinishedSize(Length.ofInches(width), Length.ofInches(height));

        assertThat(CustomarySize.nearest(quilt)).isEqualTo(nearest);
        assertThat(nearest.missedBy(quilt)).isEqualTo(Length.ofInches(missed));
    }
}
