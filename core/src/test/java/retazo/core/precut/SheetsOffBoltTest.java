package retazo.core.precut;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.SheetSize;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

class SheetsOffBoltTest {

    private static final Figure<Length> INCH = figure(Length.ofInches(1));

    /**
     * On 40 in, with 1 in to square up: three strips of 40 × 2½ are 7½; nine squares of 5 in 2 rows of 8, 10; five of 10 in 2 rows of 4,
     * 20. A cautious quarter of 20½ × 17½ goes once across on its long side and twice on its short one: three are 3 rows of 17½, 52½, or
     * 2 rows of 20½, 41.
     */
    @ParameterizedTest
    @CsvSource({"STRIP_ROLL, 3, 40, 8 1/2", "SQUARES_5, 9, 40, 11", "SQUARES_10, 5, 40, 21", "FAT_QUARTER, 3, 40, 42",
            "FAT_QUARTER, 1, 40, 18 1/2", "STRIP_ROLL, 3, 42, 8 1/2"})
    void so_many_take_so_much(PrecutKind kind, int sheets, int width, String exact) {
        assertThat(exact(kind, sheets, Length.ofInches(width))).contains(Length.parse(exact + " in"));
    }

    /** Strips of 40 in still come out of narrower cloth, along its length. */
    @ParameterizedTest
    @CsvSource({"STRIP_ROLL, 3, 38, 41", "STRIP_ROLL, 16, 38, 81"})
    void narrow_cloth_gives_strips_along_it(PrecutKind kind, int sheets, int width, String exact) {
        assertThat(exact(kind, sheets, Length.ofInches(width))).contains(Length.parse(exact + " in"));
    }

    @ParameterizedTest
    @CsvSource({"SQUARES_10, 9", "STRIP_ROLL, 2"})
    void cloth_that_is_too_narrow_gives_none(PrecutKind kind, int width) {
        assertThat(exact(kind, 1, Length.ofInches(width))).isEmpty();
    }

    /**
     * A quarter of 20½ × 17½ whose print reads up its short side lies with its long side across cloth whose print runs along: three are 3
     * rows, 52½; of a print across the cloth it lies the other way round, two side by side: 2 rows of 20½. Strips of 40 × 2½ of a print
     * across the cloth run along it.
     */
    @ParameterizedTest
    @CsvSource({"FAT_QUARTER, ONE_WAY, 53 1/2", "FAT_QUARTER, ONE_WAY_ACROSS, 42", "STRIP_ROLL, STRIPE, 8 1/2",
            "STRIP_ROLL, ONE_WAY_ACROSS, 41"})
    void sheets_of_a_print_that_keeps_its_direction_read_up_their_short_side(PrecutKind kind, PrintKind print, String exact) {
        assertThat(exact(kind, 3, Length.ofInches(40), print)).contains(Length.parse(exact + " in"));
    }

    /** What is cut never covers more than the cloth, and one sheet more never takes less. */
    @Property(tries = 200)
    void the_cloth_holds_them(@ForAll @IntRange(min = 1, max = 60) int sheets, @ForAll @IntRange(min = 20, max = 60) int width) {
        for (PrecutKind kind : PrecutKind.customary()) {
            SheetSize size = kind.cautious().orElseThrow();
            exact(kind, sheets, Length.ofInches(width)).ifPresent(length -> {
                double area = (inches(length) - 1) * width;
                assertThat(area).isGreaterThanOrEqualTo(sheets * inches(size.length()) * inches(size.width()) - 0.001);
                assertThat(exact(kind, sheets + 1, Length.ofInches(width)).orElseThrow()).isGreaterThanOrEqualTo(length);
            });
        }
    }

    private static double inches(Length length) {
        return (double) length.ticks() / Length.TICKS_PER_INCH;
    }

    private static Optional<Length> exact(PrecutKind kind, int sheets, Length width) {
        return exact(kind, sheets, width, PrintKind.ALL_OVER);
    }

    private static Optional<Length> exact(PrecutKind kind, int sheets, Length width, PrintKind print) {
        return new SheetsOffBolt(kind.cautious().orElseThrow(), new Count(sheets)).exact("test", print, figure(width), INCH)
                .map(Figure::value);
    }

    private static Figure<Length> figure(Length length) {
        return Figure.given("f", Label.of("f"), length, Origin.pattern("f"));
    }
}
