package retazo.core.quilt.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.math.BigInteger;
import java.util.List;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import retazo.core.block.shape.DrawnPatch;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.ShopPractice;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.quilt.design.QuiltSamples;
import retazo.core.quilt.finish.BackingSheet;
import retazo.core.quilt.picture.QuiltDrawing;
import retazo.core.quilt.piece.PieceNeed;
import retazo.core.quilt.setting.LongPieces;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;

class QuiltPlannerTest {

    private static final ShopPractice PRACTICE = ShopPractice.customary();
    private static final Figure<Length> FORTY = PRACTICE.figure(PracticeMeasure.USABLE_WIDTH);

    private final QuiltPlan plan = new QuiltPlanner(PRACTICE).plan(QuiltSamples.ferryWake(), QuiltSamples.throwSize());

    /** 4 × 5 blocks of 12 in are 48 × 60 in; a border of 4 in adds 8 in each way. */
    @Test
    void a_throw_of_twenty_blocks_finishes_fifty_six_by_sixty_eight() {
        assertThat(plan.layout().orElseThrow().blocks().value()).isEqualTo(new Count(20));
        assertThat(plan.layout().orElseThrow().width().quoted().value()).isEqualTo(inches("48"));
        assertThat(plan.layout().orElseThrow().height().quoted().value()).isEqualTo(inches("60"));
        assertThat(plan.finished().orElseThrow().width().value()).isEqualTo(inches("56"));
        assertThat(plan.finished().orElseThrow().height().value()).isEqualTo(inches("68"));
    }

    /**
     * A block has 5 + 3 + 3 patches of 3 in, cut 3 1/2; 2 triangle units of A and C, 2 of A and B, 1 of B and C, cut from
     * squares of 3 + 1/8 + 1/2 + 0.354 = 3.979, so 4 in. Twenty blocks: 40 AC, 40 AB, 20 BC units, two to a pair of squares.
     */
    @Test
    void pieces_follow_from_the_drawing() {
        assertThat(plan.pieces())
                .extracting(PieceNeed::label, need -> need.shape().across().value(), need -> need.shape().stripHeight().value(),
                        need -> need.count().value())
                .containsExactly(
                        tuple("A1", inches("4"), inches("4"), new Count(40)),
                        tuple("A2", inches("3 1/2"), inches("3 1/2"), new Count(100)),
                        tuple("B1", inches("4"), inches("4"), new Count(30)),
                        tuple("B2", inches("3 1/2"), inches("3 1/2"), new Count(60)),
                        tuple("C1", inches("4"), inches("4"), new Count(30)),
                        tuple("C2", inches("3 1/2"), inches("3 1/2"), new Count(60)));
    }

    /** Odd numbers of units are rounded up once over the quilt: 15 blocks with 1 BC unit are 8 squares, not 15. */
    @Test
    void odd_units_are_rounded_up_once_over_the_quilt() {
        QuiltSize size = QuiltSize.Grid.of(new SizeKey("odd"), "Odd", 3, 5, List.of());

        QuiltPlan odd = new QuiltPlanner(PRACTICE).plan(QuiltSamples.ferryWake(), size);

        assertThat(odd.pieces().get(4).units()).extracting(use -> use.pieces().value())
                .containsExactly(new Count(8), new Count(15));
        assertThat(odd.longPieces()).isEmpty();
    }

    /** Sides 60 + 1/2 + 2 = 62 1/2, ends 56 + 1/2 + 2 = 58 1/2; 242 in joined: (242 − 1/2) ÷ 39 1/2 = 6.1, so 7 strips. */
    @Test
    void a_border_is_cut_longer_by_seams_and_trim_and_joined() {
        LongPieces border = plan.longPieces().get(0);

        assertThat(border.cutWidth().value()).isEqualTo(inches("4 1/2"));
        assertThat(border.pieces().get(0).length().value()).isEqualTo(inches("62 1/2"));
        assertThat(border.pieces().get(1).length().value()).isEqualTo(inches("58 1/2"));
        assertThat(border.strips(FORTY).value()).isEqualTo(new Count(7));
        assertThat(border.pieces().get(0).length().operands()).extracting(operand -> operand.label().code())
                .containsExactly("border.sideExact", "practice.borderTrim");
    }

    /** 2 × (56 + 68) + 10 = 258 in; (258 − 2 1/4) ÷ 37 3/4 = 6.8, so 7 strips. */
    @Test
    void binding_goes_around_with_ten_inches_more() {
        assertThat(plan.bindings().get(0).length().value()).isEqualTo(inches("258"));
        assertThat(plan.bindings().get(0).strips(FORTY).value()).isEqualTo(new Count(7));
    }

    /** 64 × 76 in: two panels of 76 in are 152, two across of 64 in are 128. */
    @Test
    void a_backing_takes_the_way_with_less_cloth() {
        BackingSheet.Panels panels = plan.backings().get(0).taken(FORTY, PrintKind.ALL_OVER);

        assertThat(panels.seams()).isEqualTo(BackingSheet.Seams.HORIZONTAL);
        assertThat(panels.panels().value()).isEqualTo(new Count(2));
        assertThat(panels.length().value()).isEqualTo(inches("128"));
        assertThat(panels.length().operands()).hasSize(2);
    }

    /** A square back of 64 × 64 in takes 128 in either way. */
    @Test
    void a_backing_has_vertical_seams_on_a_tie() {
        QuiltSize square = QuiltSize.Grid.of(new SizeKey("square"), "Square", 4, 4, List.of(Length.ofInches(4)));

        BackingSheet.Panels panels = new QuiltPlanner(PRACTICE).plan(QuiltSamples.ferryWake(), square).backings().get(0).taken(FORTY,
                PrintKind.ALL_OVER);

        assertThat(panels.seams()).isEqualTo(BackingSheet.Seams.VERTICAL);
    }

    @Test
    void every_figure_leads_back_to_what_somebody_gave() {
        assertThat(origins(plan.finished().orElseThrow().width()))
                .contains(Origin.pattern("sizes.Throw"), Origin.pattern("block.columns"))
                .doesNotContain(Origin.practice("seamAllowance"));
        assertThat(origins(plan.pieces().get(0).shape().across()))
                .contains(Origin.practice("seamAllowance"), Origin.practice("halfSquareOversize"), Origin.pattern("block"));
    }

    @Test
    void figures_shown_side_by_side_have_keys_of_their_own() {
        List<String> keys = plan.pieces().stream().map(need -> need.count().key()).toList();

        assertThat(keys).doesNotHaveDuplicates().allMatch(key -> key.startsWith("throw."));
        assertThat(plan.finished().orElseThrow().width().label()).isEqualTo(Label.of("quilt.finishedWidth"));
    }

    @Property(tries = 60)
    void blocks_and_borders_cover_the_drawn_quilt(
            @ForAll @IntRange(min = 1, max = 9) int columns,
            @ForAll @IntRange(min = 1, max = 9) int rows,
            @ForAll @IntRange(min = 1, max = 40) int borderEighths) {
        QuiltSize.Grid size = QuiltSize.Grid.of(
                new SizeKey("any"), "Any", columns, rows, List.of(Length.ofInches(borderEighths, 8)));

        QuiltDrawing drawing = QuiltDrawing.of(QuiltSamples.ferryWake().drawing().orElseThrow(), size, Length.ofInches(1, 4));

        QuiltDrawing.PlacedBlock block = drawing.blocks().get(0);
        BigInteger blocks = area(block.patches().stream()).multiply(BigInteger.valueOf(block.spots().size()));
        assertThat(blocks.add(area(drawing.around().stream())).shiftRight(1)).isEqualTo(
                BigInteger.valueOf(drawing.width().ticks()).multiply(BigInteger.valueOf(drawing.height().ticks())));
    }

    @Property(tries = 40)
    void pieces_never_fall_when_the_grid_grows(@ForAll @IntRange(min = 1, max = 20) int columns,
            @ForAll @IntRange(min = 1, max = 20) int rows) {
        List<Count> small = counts(columns, rows);
        List<Count> larger = counts(columns + 1, rows);

        for (int i = 0; i < small.size(); i++) {
            assertThat(larger.get(i)).isGreaterThanOrEqualTo(small.get(i));
        }
    }

    private static List<Count> counts(int columns, int rows) {
        QuiltSize size = QuiltSize.Grid.of(new SizeKey("any"), "Any", columns, rows, List.of());
        return new QuiltPlanner(PRACTICE).plan(QuiltSamples.ferryWake(), size).pieces().stream()
                .map(need -> need.count().value()).toList();
    }

    private static BigInteger area(Stream<DrawnPatch> patches) {
        return patches.map(DrawnPatch::doubledAreaInSquareTicks).reduce(BigInteger.ZERO, BigInteger::add);
    }

    private static List<Origin> origins(Figure<?> figure) {
        return figure.working().match(
                given -> List.of(given.origin()),
                worked -> worked.operands().stream().flatMap(operand -> origins(operand).stream()).toList());
    }

    private static Length inches(String text) {
        return Length.parse(text);
    }
}
