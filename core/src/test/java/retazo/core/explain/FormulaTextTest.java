package retazo.core.explain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import retazo.core.block.shape.UnitCut;
import retazo.core.block.unit.UnitSamples;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.ExactLength;
import retazo.core.measure.Length;
import retazo.core.measure.Quantity;

/** What a page says how a figure is worked out, is how it is worked out. */
class FormulaTextTest {

    /** The letters of each formula in the order of its operands, as they are named beside it. */
    private static final Map<Operation, String> LETTERS = Map.ofEntries(
            Map.entry(Operation.HALF_SQUARE, "Fas"), Map.entry(Operation.FOUR_TRIANGLES, "Fas"),
            Map.entry(Operation.EIGHT_TRIANGLES, "Fas"), Map.entry(Operation.QUARTER_SQUARE, "Fas"),
            Map.entry(Operation.PAIRED_TRIANGLES, "Fas"), Map.entry(Operation.PAIRED_TRIM, "Fas"),
            Map.entry(Operation.WITH_SEAMS_AND_OVERSIZE, "Fas"), Map.entry(Operation.SKY_SQUARE, "has"),
            Map.entry(Operation.HALF_AND_SEAM, "Gs"), Map.entry(Operation.ON_POINT_SQUARE, "Fs"),
            Map.entry(Operation.CORNER_SQUARE, "Fas"), Map.entry(Operation.RIGHT_TRIANGLE_LEG, "whs"),
            Map.entry(Operation.WEDGE_BASE, "bahs"), Map.entry(Operation.WEDGE_TOP, "bahs"), Map.entry(Operation.RING_HEIGHT, "Bs"),
            Map.entry(Operation.RING_BASE, "Bs"), Map.entry(Operation.RING_CORNER, "Bs"),
            Map.entry(Operation.SLASHED_WIDTH, "WkdHs"), Map.entry(Operation.WITH_SEAMS, "Fs"));

    private static final double A_SIXTY_FOURTH = 1.0 / 64;

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "F + a + 2s + s√2|5.353553", "√2 · (F + a + 2s) + 2s|7.571068", "2(W + H) + e|37", "n · m + (n − 1) · (m − 1)|18",
            "(L − j) ÷ (U − j), rounded up|3", "w + s(w + h + c) ÷ h, with c = √(w² + h²)|3.75", "B ÷ (2 + √2) + 2s + s√2|4.368"})
    void formulas_are_read_as_they_are_written(String formula, double value) {
        Map<String, Double> letters = Map.ofEntries(
                Map.entry("F", 4.0), Map.entry("a", 0.5), Map.entry("s", 0.25), Map.entry("W", 6.0), Map.entry("H", 8.0),
                Map.entry("e", 9.0), Map.entry("n", 4.0), Map.entry("m", 3.0), Map.entry("L", 100.0), Map.entry("j", 0.5),
                Map.entry("U", 40.0), Map.entry("w", 3.0), Map.entry("h", 4.0), Map.entry("B", 12.0));

        assertThat(FormulaText.value(formula, letters)).isCloseTo(value, within(0.001));
    }

    /** Every kind of unit and every way of making it, sewn as is customary and so much larger. */
    @Test
    void the_formula_beside_every_cut_of_a_unit_gives_its_size() {
        Set<Operation> met = EnumSet.noneOf(Operation.class);
        for (String oversize : List.of("0", "1/8", "1/2")) {
            ShopPractice practice = UnitSamples.oversize(oversize);
            UnitSamples.EVERY_UNIT.forEach((text, size) -> figures(UnitSamples.cut(text, size, 24, practice))
                    .forEach(figure -> met.addAll(checked(text, figure))));
        }

        assertThat(met).containsAll(LETTERS.keySet());
    }

    private static Stream<Figure<?>> figures(UnitCut cut) {
        Stream<Figure<?>> pieces = cut.pieces().stream()
                .flatMap(piece -> Stream.concat(Stream.of(piece.count()), piece.shape().measured().stream()));
        Stream<Figure<?>> measures = Stream.of(cut.sewn(), cut.trimTo()).flatMap(Optional::stream)
                .flatMap(one -> Stream.of(one.width(), one.height()));
        return Stream.concat(pieces, measures);
    }

    /** Which formulas stand behind a figure; each was worked out anew. */
    private static Set<Operation> checked(String unit, Figure<?> figure) {
        Set<Operation> met = EnumSet.noneOf(Operation.class);
        figure.operands().forEach(operand -> met.addAll(checked(unit, operand)));
        Optional<Operation> operation = figure.working().match(given -> Optional.empty(), worked -> Optional.of(worked.operation()));
        operation.filter(LETTERS::containsKey).ifPresent(formula -> {
            met.add(formula);
            String letters = LETTERS.get(formula);
            assertThat(figure.operands()).as(unit + ", " + figure.key()).hasSameSizeAs(letters.split(""));
            Map<String, Double> values = new HashMap<>();
            for (int i = 0; i < letters.length(); i++) {
                values.put(letters.substring(i, i + 1), number(figure.operands().get(i).value()));
            }
            assertThat(FormulaText.value(formula.sign(), values)).as(unit + ", " + figure.key() + " = " + formula.sign() + " of " + values)
                    .isCloseTo(number(figure.value()), within(A_SIXTY_FOURTH / 4));
        });
        return met;
    }

    private static double number(Quantity value) {
        return value.match(
                length -> length.ticks() / (double) Length.TICKS_PER_INCH,
                FormulaTextTest::inches, count -> (double) count.value(), percent -> {
                    throw new AssertionError("A share is no operand of a cut.");
                });
    }

    private static double inches(ExactLength length) {
        return Double.parseDouble(length.toDecimalInches(6));
    }
}
