package retazo.app.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import retazo.app.shared.FieldReader;
import retazo.core.cloth.Margin;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;
import retazo.core.measure.Percent;

class PracticeFormTest {

    private final FieldReader reader = new FieldReader();

    @Test
    void what_the_form_shows_is_read_back_the_same() {
        ShopPractice practice = ShopPractice.customary().with(PracticeMeasure.BINDING_WIDTH, Length.parse("2 1/8"));

        assertThat(PracticeForm.of(practice).read(reader)).contains(practice);
    }

    @ParameterizedTest
    @CsvSource({"7.5 %, 750", "5%, 500", "0.25 %, 25", "50 %, 5000"})
    void a_margin_can_be_a_share(String typed, int hundredths) {
        assertThat(margin(typed)).isEqualTo(new Margin.Share(new Percent(hundredths)));
    }

    @Test
    void a_margin_can_be_a_length_or_none() {
        assertThat(margin("1/4 yd")).isEqualTo(new Margin.Extra(Length.ofInches(9)));
        assertThat(margin("3 in")).isEqualTo(new Margin.Extra(Length.ofInches(3)));
        assertThat(margin("")).isEqualTo(new Margin.None());
        assertThat(margin("0 %")).isEqualTo(new Margin.None());
        assertThat(margin("none")).isEqualTo(new Margin.None());
    }

    private Margin margin(String typed) {
        PracticeForm shown = PracticeForm.of(ShopPractice.customary());
        Map<String, String> measures = new HashMap<>(shown.measures());
        return new PracticeForm(measures, typed, "YARD").read(reader).orElseThrow(() -> new AssertionError(reader.problems())).margin();
    }
}
