package retazo.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class VisibleTextTest {

    @ParameterizedTest
    @ValueSource(strings = {"", " ", "\t\n", "\u00a0", "\u200b", "\u2060\ufeff ", "\u3164", "\u202e", "\u2007\u202f"})
    void what_cannot_be_seen_is_no_text(String typed) {
        assertThat(VisibleText.of(typed)).isEmpty();
    }

    @Property
    void what_is_left_begins_and_ends_with_what_was_typed_and_is_left_again(@ForAll String typed) {
        String text = VisibleText.of(typed);

        assertThat(typed).contains(text);
        assertThat(VisibleText.of(text)).isEqualTo(text);
        assertThat(VisibleText.of("\u200b " + text + "\u00a0")).isEqualTo(text);
    }

    @ParameterizedTest
    @ValueSource(strings = {"a\u0000b", "\u0007", "a\u007fb", "left \u202e right", "\ud800", "a\tb"})
    void signs_that_cannot_be_printed_are_found(String text) {
        assertThat(VisibleText.hasControls(text)).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"Weir slate", "Zürich 🧵 ½", "two\nlines", "a\u00a0b"})
    void what_people_type_has_none(String text) {
        assertThat(VisibleText.hasControls(text)).isFalse();
    }
}
