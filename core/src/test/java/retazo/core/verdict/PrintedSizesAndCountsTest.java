package retazo.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import retazo.core.block.shape.FinishedSize;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.design.QuiltSamples;
import retazo.core.quilt.piece.CutCount;
import retazo.core.quilt.piece.CutForm;
import retazo.core.quilt.piece.CutList;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;
import retazo.core.quilt.size.Way;

/** The throw of the sample: 4 × 5 blocks of 12 in with a border of 4 in, 56 × 68 in. */
class PrintedSizesAndCountsTest {

    private static QuiltDesign printing(String width, String height, Optional<CutList> list) {
        QuiltDesign plain = QuiltSamples.ferryWake();
        QuiltSize.Grid size = QuiltSamples.throwSize();
        List<QuiltSize> sizes = List.of(
                QuiltSamples.crib(),
                new QuiltSize.Grid(
                        size.key(), size.name(), size.columns(), size.rows(), size.borderWidths(),
                        Optional.of(new FinishedSize(Length.parse(width), Length.parse(height))), size.overrides()));
        return new QuiltDesign(plain.roles(), sizes, Optional.empty(), list, plain.drawing(), Way.DRAWING, Map.of());
    }

    /** Raw 1/2 in larger; borders of 4 1/2 add 57 × 69; without them 48 × 60; a border on one side only 52 × 64; a row less 56 × 56. */
    @ParameterizedTest
    @CsvSource({
            "56, 68, AGREES, none", "56 1/2, 68 1/2, GENEROUS, reading.raw-top", "57, 69, GENEROUS, reading.borders-as-cut",
            "48, 60, TOO_LITTLE, reading.without-borders", "52, 64, TOO_LITTLE, reading.border-once",
            "68, 56, TOO_LITTLE, reading.other-way-round",
            "56, 56, TOO_LITTLE, reading.grid", "58, 70 1/2, GENEROUS, reading.blocks-as-cut", "61, 72, GENEROUS, none"})
    void a_printed_finished_size_is_read(String width, String height, Judgement judgement, String reading) {
        SizeVerdict verdict = PrintedSizes.judge(printing(width, height, Optional.empty()), ShopPractice.customary()).get(0);

        assertThat(verdict.judgement()).isEqualTo(judgement);
        assertThat(verdict.reading().map(found -> found.habits().get(0).code()).orElse("none")).isEqualTo(reading);
        assertThat(verdict.workedOut()).isEqualTo(new FinishedSize(Length.ofInches(56), Length.ofInches(68)));
    }

    /**
     * Night: 5 patches of 3 1/2 in each of 20 blocks, 100. Printed as one block, as the crib (60); lantern has 1½ squares of 4 a block
     * for 30: each block alone rounded up makes 40.
     */
    @Test
    void printed_counts_are_read() {
        CutList list = new CutList(
                List.of(),
                List.of(line("night", "3 1/2", 100), line("night", "3 1/2", 5), line("night", "3 1/2", 60), line("lantern", "4", 40),
                        line("fog", "9", 3),
                        line("night", "3 1/2", 77)),
                Optional.empty(), Optional.empty());

        List<CountVerdict> verdicts = PrintedCounts.judge(printing("56", "68", Optional.of(list)), ShopPractice.customary()).stream()
                .filter(verdict -> verdict.size().equals(QuiltSamples.throwSize().key())).toList();

        assertThat(verdicts).extracting(
                CountVerdict::judgement, CountVerdict::workedOut,
                verdict -> verdict.reading().map(found -> found.habits().get(0).code()).orElse("none"))
                .containsExactly(
                        tuple(Judgement.AGREES, new Count(100), "none"),
                        tuple(Judgement.TOO_LITTLE, new Count(100), "reading.one-block"),
                        tuple(Judgement.TOO_LITTLE, new Count(100), "reading.other-size"),
                        tuple(Judgement.GENEROUS, new Count(30), "reading.each-block-alone"),
                        tuple(Judgement.GENEROUS, new Count(0), "none"),
                        tuple(Judgement.TOO_LITTLE, new Count(100), "none"));
    }

    private static CutList.Line line(String role, String piece, int count) {
        SizeKey size = QuiltSamples.throwSize().key();
        return new CutList.Line(
                new RoleKey(role), Use.BLOCKS, CutForm.read(piece).orElseThrow(), new CutCount.PerSize(Map.of(size, count)),
                Optional.empty(), "");
    }
}
