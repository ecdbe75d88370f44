package retazo.app.shared;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FractionTextTest {

    /** Fractions are set in brackets here. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "cut 2 1/2 in wide      | cut 2[1/2] in wide",
            "3/8 of a yard          | [3/8] of a yard",
            "from 4 1/2 to 12 3/16  | from 4[1/2] to 12[3/16]",
            "no fraction, run 3     | no fraction, run 3",
            "on 24/11/2026          | on 24/11/2026",
            "1 pack and 1/2 yd      | 1 pack and [1/2] yd",
            "1/2                    | [1/2]"})
    void a_fraction_is_set_as_one_and_joins_its_whole(String sentence, String set) {
        FractionText text = FractionText.of(sentence);

        assertThat(text.parts().stream().map(part -> part.fraction() ? "[" + part.text() + "]" : part.text()).collect(Collectors.joining()))
                .isEqualTo(set);
        assertThat(text.plain()).isEqualTo(sentence);
    }
}
