package retazo.core.precut;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import retazo.core.cloth.SheetSize;
import retazo.core.measure.Length;

class SheetYieldTest {

    @ParameterizedTest
    @CsvSource({"20, 18, 10, 10, 2", "20, 18, 5, 5, 12", "20, 18, 20, 18, 1", "20, 18, 40, 2.5, 0", "20, 9, 10, 10, 0", "18, 10, 9, 5, 4",
            "17, 12, 6, 8, 4"})
    void so_many_come_out_of_one(double length, double width, double wantedLength, double wantedWidth, int count) {
        assertThat(SheetYield.of(sheet(length, width), sheet(wantedLength, wantedWidth))).isEqualTo(count);
    }

    @Property
    void they_never_take_more_cloth_than_there_is(
            @ForAll @IntRange(min = 1, max = 60) int length, @ForAll @IntRange(min = 1, max = 60) int width,
            @ForAll @IntRange(min = 1, max = 60) int wantedLength, @ForAll @IntRange(min = 1, max = 60) int wantedWidth) {
        SheetSize from = sheet(length, width);
        SheetSize wanted = sheet(wantedLength, wantedWidth);

        int count = SheetYield.of(from, wanted);

        assertThat(count * wantedLength * wantedWidth).isLessThanOrEqualTo(length * width);
        assertThat(count > 0).isEqualTo(from.holds(wanted.length(), wanted.width()));
    }

    private static SheetSize sheet(double one, double other) {
        return SheetSize.of(Length.ofInches((long) (one * 2), 2), Length.ofInches((long) (other * 2), 2));
    }
}
