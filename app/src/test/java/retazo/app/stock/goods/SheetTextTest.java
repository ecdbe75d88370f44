package retazo.app.stock.goods;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import retazo.app.shared.FieldReader;
import retazo.core.cloth.SheetSize;
import retazo.core.measure.Length;

class SheetTextTest {

    private final FieldReader reader = new FieldReader();

    @ParameterizedTest
    @CsvSource({"17 1/2 x 20 1/2", "20 1/2 × 17½", "20.5in X 17.5 in"})
    void two_sides_are_read_in_any_order_and_written_again(String typed) {
        SheetSize size = SheetText.read("sheet", typed, reader).orElseThrow();

        assertThat(size).isEqualTo(new SheetSize(Length.ofInches(41, 2), Length.ofInches(35, 2)));
        assertThat(SheetText.read("sheet", SheetText.write(size), reader)).contains(size);
        assertThat(reader.anyProblem()).isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"17", "17 x", "a x b", "0 x 5", "5 x 6 x 7", "200 x 5"})
    void what_is_no_sheet_is_told(String typed) {
        assertThat(SheetText.read("sheet", typed, reader)).isEmpty();
        assertThat(reader.problems()).isNotEmpty().allMatch(problem -> problem.place().equals("sheet"));
    }

    @Test
    void nothing_typed_is_as_usual() {
        assertThat(SheetText.read("sheet", "  ", reader)).isEmpty();
        assertThat(reader.anyProblem()).isFalse();
    }
}
