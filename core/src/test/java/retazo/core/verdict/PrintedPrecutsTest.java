package retazo.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.kit.Planners;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.piece.CutCount;
import retazo.core.quilt.piece.CutForm;
import retazo.core.quilt.piece.CutList;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.PrintedAmount;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;
import retazo.core.quilt.size.SizeTable;
import retazo.core.quilt.size.Way;

/**
 * 48 squares of 4 1/2. A quarter of 17 1/2 × 20 1/2 gives 3 × 4 of them, so four quarters; one of the full 18 × 21 gives 4 × 4, so three. A
 * ten-inch square gives four, so twelve. 164 of them take 41 ten-inch squares: two packs of 40, one of 42.
 */
class PrintedPrecutsTest {

    private static final RoleKey ROLE = new RoleKey("prints");
    private static final SizeKey LAP = new SizeKey("lap");

    @ParameterizedTest
    @CsvSource({
            "48, FAT_QUARTER, false, 4, AGREES, 4,", "48, FAT_QUARTER, false, 3, TOO_LITTLE, 4, reading.full-sheets",
            "48, FAT_QUARTER, false, 6, GENEROUS, 4,", "48, SQUARES_10, false, 12, AGREES, 12,", "48, SQUARES_10, true, 1, AGREES, 1,",
            "48, SQUARES_10, true, 2, GENEROUS, 1,", "164, SQUARES_10, true, 1, TOO_LITTLE, 2, reading.packs-of",
            "164, SQUARES_10, true, 2, AGREES, 2,"})
    void printed_precuts_are_judged_by_the_pieces(
            int pieces, PrecutKind kind, boolean packs, int printed, Judgement judgement, int workedOut, String reading) {
        List<PrecutVerdict> verdicts = judge(pieces, new PrintedAmount.Precuts(kind, packs, printed));

        assertThat(verdicts).hasSize(1);
        assertThat(verdicts.get(0).judgement()).isEqualTo(judgement);
        assertThat(verdicts.get(0).workedOut().value()).isEqualTo(workedOut);
        assertThat(verdicts.get(0).reading().map(found -> found.habits().get(0).code())).isEqualTo(Optional.ofNullable(reading));
    }

    /** A bundle of quarters has no customary number, so nobody can say how many are needed. */
    @Test
    void what_nobody_can_count_is_not_judged() {
        assertThat(judge(48, new PrintedAmount.Precuts(PrecutKind.FAT_QUARTER, true, 1))).isEmpty();
        assertThat(judge(48, new PrintedAmount.Precuts(PrecutKind.SQUARES_5, false, 48)).get(0).judgement()).isEqualTo(Judgement.AGREES);
    }

    private static List<PrecutVerdict> judge(int pieces, PrintedAmount.Precuts printed) {
        CutList list = new CutList(
                List.of(),
                List.of(new CutList.Line(
                        ROLE, Use.BLOCKS, CutForm.read("4 1/2 x 4 1/2").orElseThrow(), new CutCount.PerQuilt(pieces), Optional.empty(),
                        "")),
                Optional.empty(), Optional.empty());
        SizeTable table = new SizeTable(List.of(new SizeTable.Row(ROLE, Use.BLOCKS, Map.of(LAP, List.of(printed)))));
        QuiltDesign design = new QuiltDesign(
                List.of(Role.of(ROLE, "A", "prints")), List.of(new QuiltSize.Printed(LAP, "Lap", Optional.empty())), Optional.of(table),
                Optional.of(list), Optional.empty(), Way.CUT_LIST, Map.of());
        return PrintedPrecuts.judge(design, ShopPractice.customary(), Planners.ANEW.sheets());
    }
}
