package retazo.core.cloth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

class ShopPracticeTest {

    @Test
    void the_customary_practice_has_the_defaults_of_the_craft() {
        ShopPractice practice = ShopPractice.customary();

        assertThat(practice.length(PracticeMeasure.USABLE_WIDTH)).isEqualTo(Length.ofInches(40));
        assertThat(practice.length(PracticeMeasure.BINDING_WIDTH)).isEqualTo(Length.ofInches(9, 4));
        assertThat(practice.length(PracticeMeasure.SELLING_STEP)).isEqualTo(Length.ofYards(1, 8));
    }

    @ParameterizedTest
    @CsvSource({"COTTON, 4, 4", "BATIK, 3, 3", "WIDE_BACKING, 4, 4", "FLANNEL, 4, 2", "FLANNEL, 3, 1", "FLANNEL, 1, 1"})
    void thick_cloth_is_stacked_in_half_as_many_layers(ClothKind kind, int ofCotton, int layers) {
        assertThat(new LayPractice(Optional.empty(), ofCotton, LongLay.SHORTER, BackingSeams.FEWEST).layers(kind)).isEqualTo(layers);
    }

    @Test
    void every_measure_out_of_its_limits_is_told_at_once() {
        Map<PracticeMeasure, Length> measures = new EnumMap<>(ShopPractice.customary().measures());
        measures.put(PracticeMeasure.SEAM_ALLOWANCE, Length.ZERO);
        measures.put(PracticeMeasure.SQUARING, Length.ofInches(7));
        measures.put(PracticeMeasure.NOTHING, Length.ofInches(18));
        measures.put(PracticeMeasure.BOLT_TOLERANCE, Length.ofInches(2));
        measures.remove(PracticeMeasure.BINDING_WIDTH);

        assertThat(ShopPractice.problems(measures)).extracting(Problem::place, Problem::code).containsExactly(
                tuple("seamAllowance", "practice.out-of-limits"),
                tuple("squaring", "practice.out-of-limits"),
                tuple("bindingWidth", "length.missing"),
                tuple("nothing", "practice.nothing-below-remnant"),
                tuple("unmeasuredTolerance", "practice.unmeasured-below-measured"));
    }

    @Test
    void a_practice_with_a_fault_cannot_be_made() {
        assertThatThrownBy(() -> ShopPractice.customary().with(PracticeMeasure.USABLE_WIDTH, Length.ZERO))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
