package retazo.core.colour;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import retazo.core.cloth.Colour;

/** Colours as people name them: pure ones by the name that they have everywhere, cloth by what one says across a counter. */
class ColourWordTest {

    @ParameterizedTest
    @CsvSource({
            "#ff0000, RED", "#ff8000, ORANGE", "#ffff00, YELLOW", "#00a000, GREEN", "#008080, TEAL", "#0000ff, BLUE", "#000080, NAVY",
            "#800080, PURPLE", "#ffb6c1, PINK", "#8b4513, BROWN", "#d2b48c, BEIGE", "#fff8e1, CREAM", "#ffffff, WHITE", "#808080, GREY",
            "#000000, BLACK", "#3d6a8a, BLUE", "#7d6752, BROWN", "#e4dcc8, CREAM", "#48614a, GREEN", "#8e2f3a, RED", "#2f6f6c, TEAL",
            "#c4cbd0, GREY", "#d06a2c, ORANGE"})
    void a_colour_answers_to_the_word_for_it(String colour, ColourWord word) {
        assertThat(ColourWord.of(Colour.parse(colour))).contains(word);
    }

    @ParameterizedTest
    @CsvSource({
            "#ff0000, BLUE GREEN YELLOW GREY PURPLE", "#0000ff, RED GREEN YELLOW BROWN BLACK", "#00a000, RED BLUE PURPLE ORANGE PINK",
            "#808080, BLUE RED GREEN BLACK WHITE", "#ffffff, GREY BLACK BLUE BEIGE", "#22303f, RED GREEN BROWN WHITE",
            "#d06a2c, PINK BLUE YELLOW GREEN"})
    void and_to_none_that_is_far_from_it(String colour, String others) {
        assertThat(ColourWord.of(Colour.parse(colour)))
                .doesNotContainAnyElementsOf(Stream.of(others.split(" ")).map(ColourWord::valueOf).toList());
    }

    @ParameterizedTest
    @CsvSource({"#2f6f80, TEAL BLUE", "#22303f, BLACK BLUE NAVY DARK", "#d8c8a4, CREAM BEIGE LIGHT"})
    void at_a_border_it_answers_to_both(String colour, String words) {
        assertThat(ColourWord.of(Colour.parse(colour))).containsAll(Stream.of(words.split(" ")).map(ColourWord::valueOf).toList());
    }

    /** No fabric is without a word that names its colour, and none is both dark and light: every fifth step of each light. */
    @Test
    void every_colour_has_a_word() {
        for (int red = 0; red <= 255; red += 5) {
            for (int green = 0; green <= 255; green += 5) {
                for (int blue = 0; blue <= 255; blue += 5) {
                    List<ColourWord> words = ColourWord.of(Colour.parse("#%02x%02x%02x".formatted(red, green, blue)));

                    assertThat(words).anyMatch(word -> word != ColourWord.DARK && word != ColourWord.LIGHT)
                            .doesNotContainSequence(ColourWord.DARK, ColourWord.LIGHT);
                }
            }
        }
    }

    /** A pale colour between pink and cream, where no word reached once. */
    @Test
    void a_pale_peach_is_a_cream() {
        assertThat(ColourWord.of(Colour.parse("#fbe0d9"))).contains(ColourWord.CREAM, ColourWord.LIGHT);
    }

    @ParameterizedTest
    @EnumSource
    void a_word_answers_with_a_colour_that_answers_to_it(ColourWord word) {
        for (String spelling : word.spellings().split(" ")) {
            assertThat(ColourWord.typical(" " + spelling.toUpperCase(Locale.ROOT))).get()
                    .satisfies(colour -> assertThat(ColourWord.of(colour)).contains(word));
        }
        assertThat(ColourWord.names()).contains(word.spellings().split(" ")[0]);
        assertThat(ColourWord.typical("rust")).isEmpty();
    }
}
