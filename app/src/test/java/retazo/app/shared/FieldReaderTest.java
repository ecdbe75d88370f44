package retazo.app.shared;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import retazo.core.cloth.PrintKind;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;

class FieldReaderTest {

    private final FieldReader reader = new FieldReader();

    @Test
    void good_texts_are_read_and_stripped() {
        assertThat(reader.length("a", " 1 3/4 ", LengthUnit.YARD)).isEqualTo(Length.ofInches(63));
        assertThat(reader.number("b", " 12 ", 1, 12)).isEqualTo(12);
        assertThat(reader.text("c", "  Ferry Wake ", 80)).isEqualTo("Ferry Wake");
        assertThat(reader.choice("d", "SOLID", PrintKind.class)).contains(PrintKind.SOLID);
        assertThat(reader.anyProblem()).isFalse();
    }

    @Test
    void every_fault_is_gathered_at_its_field() {
        reader.length("a", null, LengthUnit.INCH);
        reader.lengthAboveZero("b", "0", LengthUnit.INCH, Length.ofInches(5));
        reader.lengthAboveZero("c", "6", LengthUnit.INCH, Length.ofInches(5));
        reader.number("d", "13", 1, 12);
        reader.number("e", "twelve", 1, 12);
        reader.number("f", "", 1, 12);
        reader.text("g", " ", 10);
        reader.text("h", "x".repeat(11), 10);
        reader.text("i", "a\u0007b", 10);
        reader.choice("j", "PLAID", PrintKind.class);

        assertThat(reader.problems()).extracting(Problem::place, Problem::code).containsExactly(
                tuple("a", "length.missing"), tuple("b", "length.above-zero"), tuple("c", "length.above-zero"),
                tuple("d", "number.out-of-limits"), tuple("e", "number.out-of-limits"), tuple("f", "number.missing"),
                tuple("g", "text.missing"), tuple("h", "text.too-long"), tuple("i", "text.control"), tuple("j", "choice.missing"));
    }

    @Test
    void a_day_is_read_as_a_field_for_days_sends_it() {

        assertThat(reader.day("until", " 2026-12-04 ")).contains(LocalDate.of(2026, 12, 4));
        assertThat(reader.day("until", "")).isEmpty();
        assertThat(reader.day("until", null)).isEmpty();
        assertThat(reader.anyProblem()).isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"someday", "2026-02-30", "+99999-01-01", "0001-01-01", "4 Dec"})
    void what_is_no_day_is_told_at_its_field(String typed) {

        assertThat(reader.day("until", typed)).isEmpty();
        assertThat(reader.problems()).extracting(Problem::place, Problem::code).containsExactly(tuple("until", "day.unreadable"));
    }
}
