package retazo.core.quilt.size;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import retazo.core.cloth.PrecutKind;
import retazo.core.measure.Length;

class PrintedTextTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            1-1/2 yds           | 1 1/2 yd
            ⅓                   | 1/3 yd
            1⅔ yd               | 1 2/3 yd
            0.75 m              | 0.75 m
            2.25                | 2 1/4 yd
            FQ                  | 1 fat quarter
            3 FQ                | 3 fat quarters
            12 Fat Quarters     | 12 fat quarters
            2 F8                | 2 fat eighths
            1 roll              | 1 roll
            1 roll or 1¼ yd     | 1 roll or 1 1/4 yd
            20 strips           | 20 roll strips
            2 packs of 10 in squares | 2 packs of 10 in squares
            16 10" squares      | 16 squares of 10 in
            1 pack 5 in squares | 1 pack of 5 in squares
            1 fq bundle         | 1 bundle of fat quarters
            """)
    void what_papers_print_is_understood(String typed, String plain) {
        assertThat(PrintedText.write(amounts(typed))).isEqualTo(plain);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", " ", "-", "—", "n/a", "0"})
    void nothing_is_needed_where_nothing_or_a_dash_stands(String typed) {
        assertThat(amounts(typed)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"some, table.unreadable", "1/0 yd, table.unreadable", "61 yd, table.length", "1 roll or some, table.unreadable",
            "-3 yd, table.unreadable"})
    void what_is_no_amount_is_told(String typed, String code) {
        assertThat(PrintedText.read(typed).<String>match(amounts -> "", problem -> problem.code())).isEqualTo(code);
    }

    @Property
    void what_is_written_is_read_back(@ForAll("amounts") List<PrintedAmount> amounts) {
        assertThat(amounts(PrintedText.write(amounts))).isEqualTo(amounts);
    }

    @Provide
    Arbitrary<List<PrintedAmount>> amounts() {
        Arbitrary<PrintedAmount> lengths = Arbitraries.integers().between(1, 400)
                .map(eighths -> new PrintedAmount.OfCloth(Length.ofYards(eighths, 24)));
        Arbitrary<PrintedAmount> precuts = Combinators.combine(
                Arbitraries.of(PrecutKind.customary()), Arbitraries.of(true, false), Arbitraries.integers().between(1, 1000))
                .as(PrintedAmount.Precuts::new);
        return Arbitraries.oneOf(lengths, precuts).list().ofMinSize(1).ofMaxSize(3);
    }

    private static List<PrintedAmount> amounts(String typed) {
        return PrintedText.read(typed).match(amounts -> amounts, problem -> {
            throw new AssertionError(typed + ": " + problem);
        });
    }
}
