package retazo.core.precut;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.piece.CutCount;
import retazo.core.quilt.piece.CutForm;
import retazo.core.quilt.piece.CutList;
import retazo.core.quilt.piece.PieceNeed;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;
import retazo.core.quilt.size.Way;

class QuartersFromBoltTest {

    private static final RoleKey REED = new RoleKey("reed");
    private static final Length WIDTH = Length.ofInches(40);

    /** From cloth of 40 in a quarter is 20 × 18: three by three of 6 × 6, so two for 18, and half a yard gives both. */
    @Test
    void quarters_are_as_wide_as_half_the_cloth_and_two_come_from_half_a_yard() {
        QuartersFromBolt cut = cut("6 x 6", 18, PrecutKind.FAT_QUARTER, PrintKind.ALL_OVER).orElseThrow();

        assertThat(cut.sheets()).isEqualTo(new Count(2));
        assertThat(cut.length()).isEqualTo(Length.ofInches(18));
    }

    /** 19 take a third quarter, which takes a second half yard; eighths of 20 × 9 give three each, so seven, four quarter yards. */
    @Test
    void the_last_of_an_odd_number_takes_a_whole_length() {
        assertThat(cut("6 x 6", 19, PrecutKind.FAT_QUARTER, PrintKind.ALL_OVER).orElseThrow().length()).isEqualTo(Length.ofInches(36));
        assertThat(cut("6 x 6", 19, PrecutKind.FAT_EIGHTH, PrintKind.ALL_OVER).orElseThrow().length()).isEqualTo(Length.ofInches(36));
    }

    /** 19 × 8 lies across a quarter of 20 × 18 twice; 8 × 19 would have to stand 19 high, which a one-way print asks for. */
    @Test
    void a_print_that_must_stand_upright_is_not_turned() {
        assertThat(cut("8 x 19", 2, PrecutKind.FAT_QUARTER, PrintKind.ALL_OVER).orElseThrow().sheets()).isEqualTo(new Count(1));
        assertThat(cut("8 x 19", 2, PrecutKind.FAT_QUARTER, PrintKind.ONE_WAY)).isEmpty();
        assertThat(cut("19 x 8", 2, PrecutKind.FAT_QUARTER, PrintKind.ONE_WAY).orElseThrow().sheets()).isEqualTo(new Count(1));
    }

    /** A strip of a quarter is 20 long, not 21: eight segments of 2 1/2, so 60 take 8 strips, seven of which come from 18. */
    @Test
    void strips_of_a_set_are_as_long_as_the_quarter_really_is() {
        QuartersFromBolt cut = cut("set S: strip 2 1/2, segment 2 1/2", 60, PrecutKind.FAT_QUARTER, PrintKind.ALL_OVER).orElseThrow();

        assertThat(cut.sheets()).isEqualTo(new Count(2));
        assertThat(cut.plan().request().set()).singleElement().satisfies(strip -> {
            assertThat(strip.width()).isEqualTo(Length.ofInches(20));
            assertThat(strip.count()).isEqualTo(8);
        });
    }

    @Test
    void other_kinds_are_not_cut_off_a_bolt_and_larger_pieces_do_not_come_out() {
        assertThat(QuartersFromBolt.kinds()).containsExactly(PrecutKind.FAT_QUARTER, PrecutKind.FAT_EIGHTH);
        assertThat(cut("5 x 5", 18, PrecutKind.SQUARES_10, PrintKind.ALL_OVER)).isEmpty();
        assertThat(cut("18 1/8 x 18 1/8", 1, PrecutKind.FAT_QUARTER, PrintKind.ALL_OVER)).isEmpty();
        assertThat(QuartersFromBolt.of(List.of(), PrecutKind.FAT_QUARTER, WIDTH, PrintKind.ALL_OVER, new SheetPlanner())).isEmpty();
    }

    /** No number of squares takes fewer quarters than their rows and columns allow, since all squares are alike. */
    @Property(tries = 60)
    void squares_of_one_size_take_as_many_quarters_as_their_rows_ask_for(@ForAll @IntRange(min = 2, max = 18) int side,
            @ForAll @IntRange(min = 1, max = 90) int count) {
        long each = (20L / side) * (18L / side);

        QuartersFromBolt cut = cut(side + " x " + side, count, PrecutKind.FAT_QUARTER, PrintKind.ALL_OVER).orElseThrow();

        assertThat(cut.sheets().value()).isEqualTo((count + each - 1) / each);
        assertThat(cut.length()).isEqualTo(Length.ofInches(18 * ((cut.sheets().value() + 1) / 2)));
    }

    private static Optional<QuartersFromBolt> cut(String piece, int count, PrecutKind kind, PrintKind print) {
        return QuartersFromBolt.of(pieces(piece, count), kind, WIDTH, print, new SheetPlanner());
    }

    private static List<PieceNeed> pieces(String piece, int count) {
        CutList list = new CutList(
                List.of(),
                List.of(new CutList.Line(REED, Use.BLOCKS, CutForm.read(piece).orElseThrow(), new CutCount.PerQuilt(count),
                        Optional.empty(), "")),
                Optional.empty(), Optional.empty());
        QuiltSize size = new QuiltSize.Printed(new SizeKey("lap"), "Lap", Optional.empty());
        QuiltDesign design = new QuiltDesign(
                List.of(Role.of(REED, "A", "reed")), List.of(size), Optional.empty(), Optional.of(list), Optional.empty(), Way.CUT_LIST,
                Map.of());
        return new QuiltPlanner(ShopPractice.customary()).plan(design, size).pieces();
    }
}
