package retazo.core.precut;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.design.QuiltSamples;
import retazo.core.quilt.piece.CutCount;
import retazo.core.quilt.piece.CutForm;
import retazo.core.quilt.piece.CutList;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;
import retazo.core.quilt.size.Way;

class RoleFromPrecutsTest {

    private static final SheetPlans PLANS = new SheetPlanner();

    private static final RoleKey REED = new RoleKey("reed");

    /** 60 segments of 2 1/2 from sets of two strips: 16 to a set of 40 in, 4 sets; of this role one strip a set, 4 strips of a roll. */
    @Test
    void strips_of_a_set_come_from_a_strip_roll() {
        RoleFromPrecuts reed = of(PrecutKind.STRIP_ROLL, "set S: strip 2 1/2, segment 2 1/2", 60);

        assertThat(reed.cautious().orElseThrow().sheets()).isEqualTo(4);
        assertThat(reed.others()).isEmpty();
        assertThat(reed.packs(PLANS)).extracting(RoleFromPrecuts.Packs::inPack, RoleFromPrecuts.Packs::packs, RoleFromPrecuts.Packs::spare)
                .containsExactly(tuple(40, 1L, 36L), tuple(42, 1L, 38L));
    }

    /** 18 in of a quarter are 17 1/2 for sure: of 6 × 6 it surely gives two rows of three, in the full measure three rows. */
    @Test
    void the_full_measure_is_told_where_it_would_take_fewer() {
        RoleFromPrecuts reed = of(PrecutKind.FAT_QUARTER, "6 x 6", 18);

        assertThat(reed.cautious().orElseThrow().sheets()).isEqualTo(3);
        assertThat(reed.betterIfFull().orElseThrow().sheets()).isEqualTo(2);
    }

    /** 18 × 18 does not come out of 17 1/2 × 20 1/2, but out of the full 18 × 21. */
    @Test
    void a_piece_that_needs_the_full_measure_is_no_piece_that_does_not_fit() {
        RoleFromPrecuts reed = of(PrecutKind.FAT_QUARTER, "18 x 18", 5);

        assertThat(reed.cautious()).isEmpty();
        assertThat(reed.tooLarge()).hasSize(1);
        assertThat(reed.betterIfFull().orElseThrow().sheets()).isEqualTo(5);
    }

    @Test
    void strips_across_the_whole_cloth_stay_with_the_bolt() {
        RoleFromPrecuts reed = of(PrecutKind.SQUARES_10, "strip 3", 12);

        assertThat(reed.others()).containsExactly("A1");
        assertThat(reed.cautious()).isEmpty();
    }

    /**
     * A block of the throw takes 2 squares of 4 and 5 of 3 1/2, four of any of them to a square of 10: 7 pieces. Its 20 blocks take 35
     * squares. 40 squares give 160 pieces, 22 blocks; 42 give 168, 24 blocks.
     */
    @Test
    void the_spare_of_a_pack_is_told_in_blocks() {
        RoleFromPrecuts night = RoleFromPrecuts.of(
                new QuiltPlanner(ShopPractice.customary()).plan(QuiltSamples.ferryWake(), QuiltSamples.throwSize()), QuiltSamples.NIGHT,
                PrecutKind.SQUARES_10, PLANS);

        assertThat(night.packs(PLANS)).containsExactly(new RoleFromPrecuts.Packs(40, 1, 5, 22, 0),
                new RoleFromPrecuts.Packs(42, 1, 7, 24, 0));
        assertThat(night.blocksFrom(34, PLANS)).isEqualTo(19);
        assertThat(night.takesLong()).isTrue();
    }

    private static RoleFromPrecuts of(PrecutKind kind, String piece, int count) {
        CutList list = new CutList(
                List.of(),
                List.of(new CutList.Line(REED, Use.BLOCKS, CutForm.read(piece).orElseThrow(), new CutCount.PerQuilt(count),
                        Optional.empty(), "")),
                Optional.empty(), Optional.empty());
        QuiltSize size = new QuiltSize.Printed(new SizeKey("lap"), "Lap", Optional.empty());
        QuiltDesign design = new QuiltDesign(
                List.of(Role.of(REED, "A", "reed")), List.of(size), Optional.empty(), Optional.of(list), Optional.empty(), Way.CUT_LIST,
                Map.of());
        return RoleFromPrecuts.of(new QuiltPlanner(ShopPractice.customary()).plan(design, size), REED, kind, PLANS);
    }
}
