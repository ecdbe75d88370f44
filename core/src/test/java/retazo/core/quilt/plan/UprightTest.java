package retazo.core.quilt.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.assertj.core.groups.Tuple;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import retazo.core.block.Block;
import retazo.core.block.BlockKey;
import retazo.core.block.Cell;
import retazo.core.block.SewnUnit;
import retazo.core.block.shape.Orientation;
import retazo.core.block.shape.Turn;
import retazo.core.block.unit.CutUnit;
import retazo.core.block.unit.Patch;
import retazo.core.block.unit.Ring;
import retazo.core.block.unit.Wedge;
import retazo.core.cloth.BackingSeams;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.cutting.ClothLine;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.kit.Contents;
import retazo.core.kit.Instructions;
import retazo.core.kit.KitChoice;
import retazo.core.kit.KitFabric;
import retazo.core.kit.KitGood;
import retazo.core.kit.Need;
import retazo.core.kit.Needs;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.BlockKind;
import retazo.core.quilt.design.Composition;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.design.QuiltSamples;
import retazo.core.quilt.finish.BorderDesign;
import retazo.core.quilt.finish.Finishing;
import retazo.core.quilt.piece.PieceNeed;
import retazo.core.quilt.place.CycleRule;
import retazo.core.quilt.place.PlaceLine;
import retazo.core.quilt.place.PlaceRule;
import retazo.core.quilt.setting.LongPieces;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;

/** Fences of two rails, 3 × 6 in each: every other block of a quilt of 4 × 4 is turned a quarter. */
class UprightTest {

    private static final BlockKey FENCE = new BlockKey("fence");
    private static final Length FORTY = Length.ofInches(40);
    private static final PlaceRule EVERY_OTHER = new CycleRule(PlaceLine.DIAGONALS, List.of(
            new PlaceRule.Step(FENCE, Turn.NONE), new PlaceRule.Step(FENCE, Turn.QUARTER)));

    private static Block fence() {
        return Block.of(
                List.of(Length.ofInches(3), Length.ofInches(3)), List.of(Length.ofInches(6)),
                List.of(Cell.at(0, 0, new Patch(QuiltSamples.NIGHT), Orientation.UPRIGHT),
                        Cell.at(1, 0, new Patch(QuiltSamples.FOG), Orientation.UPRIGHT)));
    }

    private static QuiltDesign design(PlaceRule rule, Block block, int columns, int rows) {
        Drawing drawing = Drawing.of(
                List.of(new BlockKind(FENCE, "fence", block)),
                Composition.straight(rule, Finishing.of(
                        List.of(BorderDesign.butted(QuiltSamples.QUAY)), Optional.empty(), Optional.of(QuiltSamples.BACK))));
        return QuiltDesign.drawn(
                QuiltSamples.wakeRoles().stream().filter(role -> drawing.roles().contains(role.key())).toList(),
                List.of(QuiltSize.Grid.of(new SizeKey("wall"), "Wall", columns, rows, List.of(Length.ofInches(4)))), drawing);
    }

    private static QuiltPlan plan(QuiltDesign design) {
        return new QuiltPlanner(ShopPractice.customary()).plan(design, design.sizes().get(0));
    }

    private static List<Tuple> pieces(QuiltPlan plan, RoleKey role) {
        return plan.pieces().stream().filter(piece -> piece.role().equals(role))
                .map(piece -> tuple(piece.label(), piece.shape().across().value(), piece.shape().stripHeight().value(),
                        piece.count().value().value()))
                .toList();
    }

    private static Length inches(String text) {
        return Length.parse(text + " in");
    }

    /** Of 16 rails 8 stand and 8 lie. */
    @Test
    void rails_that_lie_are_cut_the_other_way_round_and_have_a_label_of_their_own() {
        QuiltPlan plan = plan(design(EVERY_OTHER, fence(), 4, 4)).upright(role -> PrintKind.ONE_WAY);

        assertThat(pieces(plan, QuiltSamples.NIGHT)).containsExactlyInAnyOrder(
                tuple("A1", inches("3 1/2"), inches("6 1/2"), 8L), tuple("A2", inches("6 1/2"), inches("3 1/2"), 8L));
        assertThat(plan.labels(plan.units().get(0), plan.units().get(0).cut().pieces().get(0))).containsExactlyInAnyOrder("A1", "A2");
        assertThat(plan.warnings()).isEmpty();
        assertThat(plan.standingPairs(List.of(QuiltSamples.NIGHT))).containsExactly(new StandingPair("A1", "A2"));
        assertThat(plan(design(EVERY_OTHER, fence(), 4, 4)).standingPairs(List.of(QuiltSamples.NIGHT))).isEmpty();
    }

    /** Across the cloth all lie the other way round: 3 × 5 blocks, of which 7 are turned, so 8 stand. */
    @Test
    void a_print_across_the_width_is_cut_the_other_way_round() {
        QuiltPlan plan = plan(design(EVERY_OTHER, fence(), 3, 5)).upright(role -> PrintKind.ONE_WAY_ACROSS);

        assertThat(pieces(plan, QuiltSamples.NIGHT)).containsExactlyInAnyOrder(
                tuple("A1", inches("3 1/2"), inches("6 1/2"), 7L), tuple("A2", inches("6 1/2"), inches("3 1/2"), 8L));
        // The width of A2 runs up the quilt, and so they stand.
        assertThat(plan.standingPairs(List.of(QuiltSamples.NIGHT))).containsExactly(new StandingPair("A2", "A1"));
    }

    @Test
    void without_a_direction_and_with_blocks_that_all_stand_nothing_is_parted() {
        QuiltPlan turned = plan(design(EVERY_OTHER, fence(), 4, 4));
        QuiltPlan standing = plan(design(PlaceRule.uniform(FENCE), fence(), 4, 4));

        assertThat(turned.upright(role -> PrintKind.ALL_OVER)).isEqualTo(turned);
        assertThat(pieces(standing.upright(role -> PrintKind.STRIPE), QuiltSamples.NIGHT))
                .containsExactly(tuple("A1", inches("3 1/2"), inches("6 1/2"), 16L));
        assertThat(pieces(standing.upright(role -> PrintKind.ONE_WAY_ACROSS), QuiltSamples.NIGHT))
                .containsExactly(tuple("A1", inches("6 1/2"), inches("3 1/2"), 16L));
    }

    /** A block with a standing and a lying rail of one role has both pieces already; turned, they change places. */
    @Test
    void what_becomes_the_same_piece_has_one_label() {
        Block both = Block.of(
                List.of(Length.ofInches(3), Length.ofInches(6)), List.of(Length.ofInches(3), Length.ofInches(3)),
                List.of(new Cell(0, 0, 1, 2, new SewnUnit(new Patch(QuiltSamples.NIGHT)), Orientation.UPRIGHT),
                        Cell.at(1, 0, new Patch(QuiltSamples.NIGHT), Orientation.UPRIGHT),
                        Cell.at(1, 1, new Patch(QuiltSamples.FOG), Orientation.UPRIGHT)));
        QuiltPlan plan = plan(design(PlaceRule.uniform(FENCE), both, 2, 2)).upright(role -> PrintKind.ONE_WAY);

        assertThat(pieces(plan, QuiltSamples.NIGHT)).containsExactlyInAnyOrder(
                tuple("A1", inches("3 1/2"), inches("6 1/2"), 4L), tuple("A2", inches("6 1/2"), inches("3 1/2"), 4L));
    }

    @ParameterizedTest
    @EnumSource(PrintKind.class)
    void done_twice_it_is_the_same(PrintKind print) {
        QuiltPlan once = plan(design(EVERY_OTHER, fence(), 4, 3)).upright(role -> print);

        assertThat(once.upright(role -> print)).isEqualTo(once);
    }

    /** No piece is lost or made up, whatever is printed on the cloth and however large the quilt. */
    @Property(tries = 60)
    void the_number_of_pieces_stays(
            @ForAll PrintKind print, @ForAll @IntRange(min = 1, max = 6) int columns, @ForAll @IntRange(min = 1, max = 6) int rows) {
        QuiltPlan plan = plan(design(EVERY_OTHER, fence(), columns, rows));

        QuiltPlan upright = plan.upright(role -> print);

        assertThat(upright.pieces().stream().map(PieceNeed::label)).doesNotHaveDuplicates();
        assertThat(upright.pieces().stream().mapToLong(piece -> piece.count().value().value()).sum()).isEqualTo(2L * columns * rows);
        long standing = (columns * rows + 1) / 2;
        assertThat(upright.pieces().stream()
                .filter(piece -> (piece.shape().across().value().isShorterThan(piece.shape().stripHeight().value())) != print.liesAcross())
                .mapToLong(piece -> piece.count().value().value()).sum())
                .isEqualTo(print.mayTurn() ? 2L * columns * rows : 2 * standing);
    }

    /**
     * By hand, on 40 in: standing rails 11 to a strip 6½ high, 8 take 1; lying ones 6 to a strip 3½ high, 8 take 2: 6½ + 7 and 1 to
     * square up are 14½. Any way, 16 take 2 strips of 6½: 14.
     */
    @ParameterizedTest
    @CsvSource({"ONE_WAY, 14 1/2", "ONE_WAY_ACROSS, 14 1/2", "STRIPE, 14 1/2", "ALL_OVER, 14"})
    void what_staying_upright_costs(PrintKind print, String exact) {
        QuiltDesign design = design(EVERY_OTHER, fence(), 4, 4);

        assertThat(need(design, QuiltSamples.NIGHT, print, ShopPractice.customary()).exact().orElseThrow().value())
                .isEqualTo(inches(exact));
    }

    private static Need need(QuiltDesign design, RoleKey role, PrintKind print, ShopPractice practice) {
        QuiltPlan plan = new QuiltPlanner(practice).plan(design, design.sizes().get(0));
        return new Needs(practice, Instructions.OURS_ALONE).ofOne(
                role.value(), design, plan,
                each -> new KitChoice.Fabric(KitFabric.measured(each.value(), FORTY, each.equals(role) ? print : PrintKind.ALL_OVER)),
                Contents.EVERYTHING).orElseThrow();
    }

    /**
     * 4 in around 24 × 24: with 2 in to trim, sides 26½ and ends 34½, cut 4½. Along the length two sides lie 9 in wide over 26½, the ends
     * are joined: (69 − ½) ÷ 39½ is 2 strips, 9 in. Of a print across the ends lie along the length: 34½, and the sides (53 − ½) ÷ 39½, 2
     * strips. Any way: (122 − ½) ÷ 39½ is 4 strips, 18 in.
     */
    @ParameterizedTest
    @CsvSource({"ONE_WAY, 36 1/2", "ONE_WAY_ACROSS, 44 1/2", "STRIPE, 36 1/2", "ALL_OVER, 19"})
    void borders_stay_upright(PrintKind print, String exact) {
        Need need = need(design(EVERY_OTHER, fence(), 4, 4), QuiltSamples.QUAY, print, ShopPractice.customary());

        assertThat(need.exact().orElseThrow().value()).isEqualTo(inches(exact));
    }

    /**
     * A ring reads outward, and nothing can help; the print of a wedge stands where it points up, and where it points down it is cut so.
     */
    @Test
    void the_print_goes_around_with_a_ring_and_points_with_a_wedge() {
        Block ring = whole(new Ring(List.of(QuiltSamples.LANTERN), QuiltSamples.QUAY, false));
        Block wedge = whole(new Wedge(QuiltSamples.LANTERN, Length.ofInches(1), QuiltSamples.QUAY));
        List<RoleKey> lantern = List.of(QuiltSamples.LANTERN);

        QuiltPlan around = oneWay(plan(design(EVERY_OTHER, ring, 4, 4)));
        QuiltPlan pointing = oneWay(plan(design(EVERY_OTHER, wedge, 4, 4)));

        assertThat(around.lyingAgainstPrint(lantern)).extracting(Problem::code).containsExactly("direction.around");
        assertThat(around.pointing(lantern)).isEmpty();
        assertThat(pointing.pointing(lantern)).isEqualTo(
                pointing.pieces().stream().filter(piece -> lantern.contains(piece.role())).map(PieceNeed::label).toList()).isNotEmpty();
    }

    private static Block whole(CutUnit unit) {
        return Block.of(
                List.of(Length.ofInches(12)), List.of(Length.ofInches(12)), List.of(Cell.at(0, 0, unit, Orientation.UPRIGHT)));
    }

    private static QuiltPlan oneWay(QuiltPlan plan) {
        return plan.upright(role -> role.equals(QuiltSamples.LANTERN) ? PrintKind.ONE_WAY : PrintKind.ALL_OVER);
    }

    /** 10 pieces 8½ wide, 4 to a width of 40: stretches of 4, 4 and 2. */
    @Test
    void more_than_go_side_by_side_are_several_stretches() {
        LongPieces border = plan(design(EVERY_OTHER, fence(), 4, 4)).longPieces().get(0);
        LongPieces.Piece side = border.pieces().get(0);
        LongPieces many = new LongPieces(
                "many", border.use(), border.role(), given(inches("8 1/2")),
                List.of(new LongPieces.Piece(
                        Figure.given("n", Label.of("n"), new Count(10), Origin.pattern("n")), side.length(), side.runs())),
                border.seam(), border.grain());

        List<LongPieces> laid = many.upright(PrintKind.ONE_WAY, FORTY);

        assertThat(laid).extracting(LongPieces::count).containsExactly(4L, 4L, 2L);
        assertThat(laid).allMatch(one -> one.laidOn(given(FORTY)).along());
        assertThat(many.upright(PrintKind.ONE_WAY_ACROSS, FORTY)).hasSize(1);
    }

    private static Figure<Length> given(Length length) {
        return Figure.given("given", Label.of("given"), length, Origin.pattern("test"));
    }

    /**
     * 6 × 8 blocks of 6 in are 36 × 48, with the border 44 × 56, and with 4 in more on each side 52 × 64: two panels of 64 with upright
     * seams, two of 52 with level ones.
     */
    @ParameterizedTest
    @CsvSource({"ONE_WAY, HORIZONTAL, VERTICAL, 128", "ONE_WAY_ACROSS, VERTICAL, HORIZONTAL, 104", "ALL_OVER, VERTICAL, VERTICAL, 128",
            "ALL_OVER, HORIZONTAL, HORIZONTAL, 104", "ALL_OVER, FEWEST, HORIZONTAL, 104"})
    void the_seams_of_a_back_run_as_chosen_where_the_print_allows_it(PrintKind print, BackingSeams chosen, String seams, long length) {
        QuiltDesign design = design(EVERY_OTHER, fence(), 6, 8);
        ShopPractice customary = ShopPractice.customary();
        ShopPractice practice = customary.with(customary.lay().with(chosen));

        Need need = need(design, QuiltSamples.BACK, print, practice);

        ClothLine back = need.cloth().orElseThrow().plan().lines().get(0);
        assertThat(back.seams().orElseThrow().name()).isEqualTo(seams);
        assertThat(back.length().value()).isEqualTo(Length.ofInches(length));
    }

    /** Triangles from squares lie both ways, and no plan can help that: it is said of their pieces. */
    @Test
    void what_cannot_stand_upright_is_told() {
        QuiltDesign wake = QuiltSamples.ferryWake();

        QuiltPlan plan = plan(wake).upright(role -> role.equals(QuiltSamples.LANTERN) ? PrintKind.ONE_WAY : PrintKind.ALL_OVER);

        assertThat(plan.warnings()).extracting(Problem::code).containsOnly("direction.both-ways");
        assertThat(plan.warnings()).extracting(Problem::place).allMatch(place -> place.startsWith("B"));
        assertThat(plan.lyingAgainstPrint(List.of(QuiltSamples.LANTERN))).singleElement().extracting(Problem::place)
                .isEqualTo(plan.warnings().stream().map(Problem::place).collect(Collectors.joining(", ")));
    }

    /**
     * Rails 8½ × 18 in of quarters 20½ × 17½: they come out lying along the quarter; a standing one is higher than the quarter is for
     * sure.
     */
    @Test
    void pieces_of_sheets_are_kept_upright_where_that_is_asked() {
        Block tall = Block.of(
                List.of(Length.ofInches(8)), List.of(inches("17 1/2")),
                List.of(Cell.at(0, 0, new Patch(QuiltSamples.NIGHT), Orientation.UPRIGHT)));
        QuiltDesign design = design(PlaceRule.uniform(FENCE), tall, 1, 2);
        KitGood quarters = KitGood.customary("quarters", PrecutKind.FAT_QUARTER);

        assertThat(ofSheets(design, quarters).problems()).isEmpty();
        assertThat(ofSheets(design, quarters.keptUpright()).problems()).extracting(Problem::code)
                .containsExactly("kit.precut-needs-nominal");
    }

    private static Needs.Result ofSheets(QuiltDesign design, KitGood good) {
        Map<RoleKey, KitChoice> choices = Map.of(QuiltSamples.NIGHT, new KitChoice.Precut(good));
        return new Needs(ShopPractice.customary(), Instructions.OURS).of(
                design, plan(design),
                role -> choices.getOrDefault(role, new KitChoice.Fabric(KitFabric.measured(role.value(), FORTY, PrintKind.ALL_OVER))),
                Contents.EVERYTHING);
    }
}
