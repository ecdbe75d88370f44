package retazo.core.quilt.setting;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigInteger;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import retazo.core.block.Block;
import retazo.core.block.BlockKey;
import retazo.core.block.spec.Scale;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.quilt.design.Composition;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.DrawingCheck;
import retazo.core.quilt.design.Layouts;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.design.QuiltSamples;
import retazo.core.quilt.place.Place;
import retazo.core.quilt.place.PlaceGrid;
import retazo.core.quilt.place.PlaceRule;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;

class SettingTest {

    private static final Length SEAMS = Length.ofInches(1, 2);

    /** Blocks, sashes and cornerstones as they finish cover the quilt: nothing is counted twice and nothing is left out. */
    @Property(tries = 80)
    void straight_pieces_add_up_to_the_quilt(
            @ForAll @IntRange(min = 1, max = 9) int columns, @ForAll @IntRange(min = 1, max = 9) int rows,
            @ForAll @IntRange(min = 1, max = 4) int sash, @ForAll boolean framed, @ForAll boolean cornerstones) {
        Layout layout = Layouts.plan(
                new Setting.Straight(Layouts.sashes(sash, framed, cornerstones)), Length.ofInches(9), columns, rows)
                .layout().orElseThrow();

        BigInteger area = area(Length.ofInches(9), Length.ofInches(9), layout.blocks().value());
        for (Layout.SettingPiece piece : layout.pieces()) {
            area = area.add(finished(piece.piece().shape().across().value(), piece.piece().shape().stripHeight().value(),
                    piece.piece().count().value()));
        }
        for (LongPieces joined : layout.longPieces()) {
            for (LongPieces.Piece piece : joined.pieces()) {
                area = area.add(finished(piece.length().value(), joined.cutWidth().value(), piece.count().value()));
            }
        }

        assertThat(area).isEqualTo(area(layout.width().quoted().value(), layout.height().quoted().value(), Count.ONE));
    }

    private static BigInteger finished(Length one, Length other, Count count) {
        return area(one.minus(SEAMS), other.minus(SEAMS), count);
    }

    private static BigInteger area(Length one, Length other, Count count) {
        return BigInteger.valueOf(one.ticks()).multiply(BigInteger.valueOf(other.ticks())).multiply(BigInteger.valueOf(count.value()));
    }

    /** Every centre counted by hand: the area of whole, half and quarter blocks is p·q half blocks. */
    @Property(tries = 80)
    void whole_half_and_quarter_blocks_fill_the_half_diagonals(
            @ForAll @IntRange(min = 1, max = 20) int p, @ForAll @IntRange(min = 1, max = 20) int q) {
        long quarters = 0;
        for (Place place : new PlaceGrid(PlaceGrid.Lattice.CUT_UP, p, q).places()) {
            boolean side = place.column() == 0 || place.column() == p;
            boolean end = place.row() == 0 || place.row() == q;
            quarters += side && end ? 1 : side || end ? 2 : 4;
        }

        assertThat(quarters).isEqualTo(2L * p * q);
    }

    /** 3 × 4 half diagonals: 3 whole, 5 halves, 2 quarters; through the centre 3 + ⌈(5 + 1) ÷ 2⌉ = 6 blocks, beyond it 10. */
    @ParameterizedTest
    @CsvSource({"THROUGH_CENTRE, 3, 3, 6, 20.713203, 27.784271", "BEYOND_CENTRE, 3, 7, 10, 21.213203, 28.284271"})
    void blocks_cut_up_at_the_edges(Edges.CutBlocks.Cut cut, long whole, long extra, long sewn, String width, String height) {
        QuiltPlan plan = Layouts.plan(new Setting.OnPoint(new Edges.CutBlocks(cut), Optional.empty()), Length.ofInches(10), 3, 4);
        Layout layout = plan.layout().orElseThrow();

        assertThat(layout.blocks().value()).isEqualTo(new Count(whole));
        assertThat(layout.extra().orElseThrow().value()).isEqualTo(new Count(extra));
        assertThat(plan.blocks().get(0).count().value()).isEqualTo(new Count(sewn));
        assertThat(layout.width().exact().toDecimalInches(6)).isEqualTo(width);
        assertThat(layout.height().exact().toDecimalInches(6)).isEqualTo(height);
    }

    /** Plain on point, 4 × 5 of 9 in: 12·9 … 4 · 9√2 = 50.9117 in is quoted 51 in, for which borders are cut. */
    @Test
    void a_side_with_a_root_in_it_is_quoted_rounded_up() {
        Layout layout = Layouts.plan(
                new Setting.OnPoint(new Edges.Triangles(Layouts.A, Layouts.A), Optional.empty()), Length.ofInches(9), 4, 5)
                .layout().orElseThrow();

        assertThat(layout.width().exact().toDecimalInches(4)).isEqualTo("50.9116");
        assertThat(layout.width().quoted().value()).isEqualTo(Length.ofInches(51));
    }

    /** A framed row of three blocks of 9 in and four sashes of 2 in: 35 in, cut 35 1/2; three rows have four of them. */
    @Test
    void without_cornerstones_a_level_sash_is_one_strip() {
        LongPieces rows = Layouts.plan(new Setting.Straight(Layouts.sashes(2, true, false)), Length.ofInches(9), 3, 3)
                .longPieces().get(0);

        assertThat(rows.cutWidth().value()).isEqualTo(Length.parse("2 1/2"));
        assertThat(rows.pieces().get(0).length().value()).isEqualTo(Length.parse("35 1/2"));
        assertThat(rows.pieces().get(0).count().value()).isEqualTo(new Count(4));
    }

    /**
     * A 12 in block of sixteen units drawn 9 in wide: units of 2 1/4 in. To 10 in they would be 2 1/2; to 10 in and a third of a
     * tick, nothing.
     */
    @Test
    void a_block_is_drawn_larger_or_smaller_whole() {
        Block block = QuiltSamples.wakeBlock();

        assertThat(block.scaled(new Scale(Length.ofInches(9), Length.ofInches(12))).orElseThrow().columnWidths())
                .containsOnly(Length.parse("2 1/4"));
        assertThat(block.scaled(new Scale(Length.ofInches(10), Length.ofInches(12))).orElseThrow().finishedWidth())
                .isEqualTo(Length.ofInches(10));
        assertThat(block.scaled(new Scale(new Length(Length.ofInches(10).ticks() + 1), Length.ofInches(12)))).isEmpty();
    }

    @Test
    void a_size_may_have_its_own_blocks_and_sashes() {
        QuiltSize.Grid size = QuiltSize.Grid.of(new SizeKey("own"), "Own", 3, 4, List.of())
                .with(new QuiltSize.Overrides(Optional.of(Length.ofInches(1)), Optional.of(Length.ofInches(9)), List.of()));
        Drawing drawing = QuiltSamples.drawing(QuiltSamples.wakeBlock(), QuiltSamples.QUAY);
        Composition sashed = new Composition(
                drawing.places(),
                new Setting.Straight(Optional.of(new Sashing(QuiltSamples.QUAY, Length.ofInches(2), false, Optional.empty()))),
                drawing.finishing());

        QuiltPlan plan = new QuiltPlanner(retazo.core.cloth.ShopPractice.customary())
                .plan(QuiltDesign.drawn(QuiltSamples.wakeRoles(), List.of(size), drawing.with(sashed)), size);

        // 3 · 9 + 2 · 1 and 4 · 9 + 3 · 1.
        assertThat(plan.finished().orElseThrow().width().value()).isEqualTo(Length.ofInches(29));
        assertThat(plan.finished().orElseThrow().height().value()).isEqualTo(Length.ofInches(39));
    }

    @Test
    void what_cannot_be_set_is_told() {
        Drawing drawing = QuiltSamples.drawing(QuiltSamples.wakeBlock(), QuiltSamples.QUAY);
        Setting cut = new Setting.OnPoint(
                new Edges.CutBlocks(Edges.CutBlocks.Cut.THROUGH_CENTRE),
                Optional.of(new Sashing(QuiltSamples.QUAY, Length.ofInches(20), true, Optional.empty())));
        Drawing sashed = drawing.with(new Composition(PlaceRule.uniform(new BlockKey("moon")), cut, drawing.finishing()));

        assertThat(new DrawingCheck(sashed, List.of()).problems()).extracting(problem -> problem.code())
                .contains("cell.unknown-block");
        assertThat(new DrawingCheck(drawing.with(new Composition(drawing.places(), cut, drawing.finishing())), List.of()).problems())
                .extracting(problem -> problem.place(), problem -> problem.code())
                .contains(org.assertj.core.api.Assertions.tuple("sash", "sash.width"),
                        org.assertj.core.api.Assertions.tuple("sash", "sash.cut-blocks"));
        assertThat(drawing.problemsAt(QuiltSize.Grid.of(new SizeKey("big"), "Big", 60, 60, List.of(Length.ofInches(4)))))
                .extracting(problem -> problem.code()).containsOnly("size.too-large");
    }
}
