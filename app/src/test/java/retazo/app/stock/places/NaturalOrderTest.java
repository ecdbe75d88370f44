package retazo.app.stock.places;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class NaturalOrderTest {

    @Test
    void numbers_in_names_count() {
        List<String> walk = List.of(
                "", "back wall", "Bay 2", "bay 2, shelf A", "bay 2, shelf B", "bay 07", "bay 10", "bay 10, shelf A", "bay 100",
                "bay 99999999999999999999");
        List<String> mixed = new ArrayList<>(walk);
        Collections.reverse(mixed);

        mixed.sort(NaturalOrder.OF_NAMES);

        assertThat(mixed).containsExactlyElementsOf(walk);
    }

    @Test
    void names_that_only_look_alike_are_told_apart() {
        assertThat(NaturalOrder.OF_NAMES.compare("bay 7", "bay 7")).isZero();
        assertThat(NaturalOrder.OF_NAMES.compare("bay 7", "bay 07")).isNotZero();
        assertThat(NaturalOrder.OF_NAMES.compare("bay 7", "Bay 7")).isNotZero();
    }
}
