package retazo.core.cloth;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ClothKindTest {

    @Test
    void only_cloths_of_one_kind_lie_in_one_stack() {
        for (ClothKind one : ClothKind.values()) {
            for (ClothKind other : ClothKind.values()) {
                assertThat(one.mayShareStack(other)).as(one + " and " + other).isEqualTo(one == other);
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"COTTON, 4, 4", "FLANNEL, 4, 2", "FLANNEL, 5, 2", "FLANNEL, 1, 1", "BATIK, 3, 3", "WIDE_BACKING, 4, 4"})
    void a_blade_takes_half_as_many_layers_of_flannel_and_at_least_one(ClothKind kind, int ofCotton, int layers) {
        assertThat(kind.layers(ofCotton)).isEqualTo(layers);
    }
}
