package retazo.core.buying;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import retazo.core.measure.Length;

class OrderedBoltsTest {

    private static final Length TWELVE = Length.ofYards(12, 1);

    @ParameterizedTest
    @CsvSource(nullValues = "-", value = {
            "2, -, 2", "2, 12, 1", "2, 11 3/4, 1", "1, 11 3/4, 0", "1, 5, 1", "1, 6, 0", "1, 5 7/8, 1", "3, 24, 1", "3, 12 1/2|11, 1",
            "2, 36, 0", "2, 4|4|4, 2", "2, 18, 0", "2, 17 7/8, 1"})
    void a_bolt_that_came_stands_for_as_many_as_it_is_nearest_to(int count, String came, int open) {
        List<Length> lengths = came == null
                ? List.of()
                : Stream.of(came.split("\\|")).map(text -> Length.parse(text + " yd")).toList();

        assertThat(new OrderedBolts(count, TWELVE).stillToCome(lengths)).isEqualTo(open);
    }
}
