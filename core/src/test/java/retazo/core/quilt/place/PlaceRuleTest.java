package retazo.core.quilt.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import retazo.core.block.Block;
import retazo.core.block.BlockKey;
import retazo.core.block.shape.Turn;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Count;
import retazo.core.quilt.design.BlockKind;
import retazo.core.quilt.design.Composition;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.design.QuiltSamples;
import retazo.core.quilt.finish.Finishing;
import retazo.core.quilt.plan.BlockCount;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;

class PlaceRuleTest {

    private static final BlockKey STAR = new BlockKey("star");
    private static final BlockKey PLAIN = new BlockKey("plain");
    private static final BlockKey POST = new BlockKey("post");
    private static final RoleKey A = QuiltSamples.NIGHT;
    private static final RoleKey B = QuiltSamples.LANTERN;
    private static final RoleKey C = QuiltSamples.FOG;
    private static final RoleKey D = QuiltSamples.QUAY;

    @Provide
    Arbitrary<PlaceRule> rules() {
        return Arbitraries.of(
                PlaceRule.uniform(STAR),
                CycleRule.of(PlaceLine.DIAGONALS, List.of(STAR, PLAIN)),
                CycleRule.of(PlaceLine.ROWS, List.of(STAR, PLAIN, POST)),
                CycleRule.of(PlaceLine.COLUMNS, List.of(STAR, STAR, PLAIN)),
                CycleRule.quarterTurns(STAR),
                new PositionRule(POST, PLAIN, STAR, PositionRule.Facing.OUT),
                new GradientRule(PlaceLine.ROWS, STAR, Optional.of(PLAIN), List.of(A, C, D)),
                new PointRule(STAR, B, A, List.of(B, C, D)),
                new ColourSetRule(STAR, List.of(
                        new ColourSetRule.ColourSet(2, Map.of()), new ColourSetRule.ColourSet(1, Map.of(B, C)))),
                new MapRule(2, 2, List.of(step(STAR), step(PLAIN), step(PLAIN), step(POST)), MapRule.Fill.REPEATED),
                new MapRule(2, 2, List.of(step(STAR), step(PLAIN), step(PLAIN), step(POST)), MapRule.Fill.DRAWN_OUT));
    }

    @Provide
    Arbitrary<PlaceGrid> grids() {
        return Arbitraries.of(PlaceGrid.Lattice.values()).flatMap(lattice -> Arbitraries.integers().between(1, 9).flatMap(
                columns -> Arbitraries.integers().between(1, 9).map(rows -> new PlaceGrid(lattice, columns, rows))));
    }

    private static PlaceRule.Step step(BlockKey kind) {
        return PlaceRule.Step.upright(kind);
    }

    @Property(tries = 300)
    void counts_by_place_add_up_to_the_grid(@ForAll("rules") PlaceRule rule, @ForAll("grids") PlaceGrid grid) {
        Arrangement arrangement = Arrangement.of(rule, grid, List.of());

        assertThat(arrangement.countsByKind().values().stream().mapToLong(Long::longValue).sum()).isEqualTo(grid.places().size());
        assertThat(rule.kinds()).containsAll(arrangement.countsByKind().keySet());
    }

    /** More columns or rows never take fewer pieces of any role and size, unless the rule spreads itself anew. */
    @Property(tries = 120)
    void pieces_never_fall_when_the_grid_grows(
            @ForAll("rules") PlaceRule rule, @ForAll @IntRange(min = 1, max = 7) int columns, @ForAll @IntRange(min = 1, max = 7) int rows,
            @ForAll boolean across) {
        if (rule.isRescaled()) {
            return;
        }
        Map<String, Count> small = pieces(rule, columns, rows);
        Map<String, Count> large = pieces(rule, columns + (across ? 1 : 0), rows + (across ? 0 : 1));

        small.forEach((piece, count) -> assertThat(large.getOrDefault(piece, new Count(0))).as(piece).isGreaterThanOrEqualTo(count));
    }

    private static Map<String, Count> pieces(PlaceRule rule, int columns, int rows) {
        return plan(rule, columns, rows).pieces().stream().collect(Collectors.toMap(
                piece -> piece.role() + " " + piece.shape().cutSize(), piece -> piece.count().value()));
    }

    private static QuiltPlan plan(PlaceRule rule, int columns, int rows) {
        QuiltSize.Grid size = QuiltSize.Grid.of(new SizeKey("any"), "Any", columns, rows, List.of());
        Drawing drawing = Drawing.of(blocks(), Composition.straight(rule, Finishing.NONE));
        List<Role> roles = QuiltSamples.wakeRoles().stream().filter(role -> drawing.roles().contains(role.key())).toList();
        return new QuiltPlanner(ShopPractice.customary()).plan(QuiltDesign.drawn(roles, List.of(size), drawing), size);
    }

    private static List<BlockKind> blocks() {
        return List.of(
                new BlockKind(STAR, "star", star()),
                new BlockKind(PLAIN, "plain", QuiltSamples.block(3, List.of(List.of("A", "C"), List.of("C", "A")))),
                new BlockKind(POST, "post", QuiltSamples.block(3, List.of(List.of("D", "D"), List.of("D", "A/B")))));
    }

    private static Block star() {
        return QuiltSamples.block(3, List.of(List.of("B/A", "A"), List.of("A", "B/A")));
    }

    /** On three by three: corner and edge blocks show their top, or top left corner, to the outside all around. */
    @ParameterizedTest
    @CsvSource({"0,0,NONE", "1,0,NONE", "2,0,QUARTER", "2,1,QUARTER", "2,2,HALF", "1,2,HALF", "0,2,THREE_QUARTERS", "0,1,THREE_QUARTERS",
            "1,1,NONE"})
    void special_sides_face_out(int column, int row, Turn turn) {
        assertThat(new PositionRule(POST, PLAIN, STAR, PositionRule.Facing.OUT).at(new Place(column, row), PlaceGrid.straight(3, 3)).turn())
                .isEqualTo(turn);
    }

    @Test
    void special_sides_face_in_where_that_is_asked() {
        PositionRule rule = new PositionRule(POST, PLAIN, STAR, PositionRule.Facing.IN);

        assertThat(rule.at(new Place(0, 0), PlaceGrid.straight(2, 1)).turn()).isEqualTo(Turn.HALF);
        assertThat(rule.at(new Place(1, 0), PlaceGrid.straight(2, 1)).turn()).isEqualTo(Turn.THREE_QUARTERS);
        assertThat(rule.at(new Place(0, 0), PlaceGrid.straight(1, 1)).kind()).isEqualTo(POST);
    }

    /** Three colours with blocks between are five stages: over ten rows each takes two. */
    @Test
    void a_gradient_passes_through_every_stage() {
        GradientRule rule = new GradientRule(PlaceLine.ROWS, STAR, Optional.of(PLAIN), List.of(A, C, D));
        PlaceGrid grid = PlaceGrid.straight(1, 10);

        assertThat(grid.places()).extracting(place -> rule.at(place, grid).kind())
                .containsExactly(STAR, STAR, PLAIN, PLAIN, STAR, STAR, PLAIN, PLAIN, STAR, STAR);
        assertThat(rule.at(new Place(0, 9), grid).colouring()).isEqualTo(Colouring.whole(Map.of(A, D)));
        assertThat(rule.at(new Place(0, 6), grid).colouring()).isEqualTo(Colouring.whole(Map.of(A, C, C, D)));
    }

    /**
     * Main blocks and the blocks between share strip sets of two colours: 2 segments each in 4 + 4 main blocks and one of each
     * colour in 4 blocks between are 12 and 12 segments of 3 1/2 in, 11 to a set, so two sets of each and not three.
     */
    @Test
    void blocks_between_are_fed_from_the_spares_of_both_colours() {
        Block main = QuiltSamples.block(6, List.of(List.of("strip-set A 3, C 3 @0"), List.of("strip-set A 3, C 3 @0")));
        Block between = QuiltSamples.block(6, List.of(List.of("strip-set A 3, C 3"), List.of("strip-set B 3, C 3")));
        GradientRule rule = new GradientRule(PlaceLine.ROWS, STAR, Optional.of(PLAIN), List.of(A, B));
        Drawing drawing = Drawing.of(
                List.of(new BlockKind(STAR, "main", main), new BlockKind(PLAIN, "between", between)),
                Composition.straight(rule, Finishing.NONE));
        QuiltSize.Grid size = QuiltSize.Grid.of(new SizeKey("any"), "Any", 4, 3, List.of());
        QuiltPlan plan = new QuiltPlanner(ShopPractice.customary()).plan(
                QuiltDesign.drawn(QuiltSamples.wakeRoles().subList(0, 3), List.of(size), drawing), size);

        assertThat(plan.blocks()).extracting(BlockCount::name, blocks -> blocks.count().value())
                .containsExactly(tuple("star", new Count(4)), tuple("plain", new Count(4)), tuple("star-2", new Count(4)));
        assertThat(plan.pieces().stream().filter(piece -> piece.role().equals(A)).map(piece -> piece.count().value()))
                .containsExactly(new Count(12));
        assertThat(plan.pieces().stream().filter(piece -> piece.role().equals(B)).map(piece -> piece.count().value()))
                .containsExactly(new Count(12));
    }

    /** Four columns and three rows have six points, each with four quarters; the other 24 quarters have no accent. */
    @Test
    void quarters_take_the_colour_of_the_point_they_touch() {
        PointRule rule = new PointRule(STAR, B, A, List.of(B, C));
        Map<RoleKey, Long> quarters = PlaceGrid.straight(4, 3).places().stream()
                .flatMap(place -> rule.at(place, PlaceGrid.straight(4, 3)).colouring().changes().stream())
                .collect(Collectors.groupingBy(change -> change.get(B), Collectors.counting()));

        assertThat(quarters).containsOnly(Map.entry(B, 12L), Map.entry(C, 12L), Map.entry(A, 24L));
        assertThat(rule.at(new Place(0, 0), PlaceGrid.straight(1, 5)).colouring().changes()).allMatch(change -> change.get(B).equals(A));
    }

    /** Without an accent, a triangle unit of accent and ground is a patch of ground. */
    @Test
    void a_unit_whose_colours_become_one_is_a_patch() {
        QuiltPlan plan = plan(new PointRule(STAR, B, A, List.of(B)), 1, 1);

        assertThat(plan.pieces()).hasSize(1);
        assertThat(plan.pieces().get(0).count().value()).isEqualTo(new Count(4));
    }

    @Test
    void sets_of_colours_are_dealt_so_many_times_in_every_round() {
        ColourSetRule rule = new ColourSetRule(STAR, List.of(
                new ColourSetRule.ColourSet(2, Map.of()), new ColourSetRule.ColourSet(1, Map.of(B, C)),
                new ColourSetRule.ColourSet(1, Map.of(B, D))));
        PlaceGrid grid = PlaceGrid.straight(5, 4);
        Map<Colouring, Long> counts = grid.places().stream().map(place -> rule.at(place, grid).colouring())
                .collect(Collectors.groupingBy(colouring -> colouring, Collectors.counting()));

        assertThat(counts.values()).containsExactlyInAnyOrder(10L, 5L, 5L);
        assertThat(new ColourSetRule(STAR, rule.sets()).at(new Place(0, 1), new PlaceGrid(PlaceGrid.Lattice.ON_POINT, 1, 3)).colouring())
                .isEqualTo(Colouring.whole(Map.of(B, C)));
    }

    @Test
    void a_map_is_repeated_or_drawn_out() {
        List<PlaceRule.Step> steps = List.of(step(STAR), new PlaceRule.Step(PLAIN, Turn.HALF));
        PlaceGrid grid = PlaceGrid.straight(4, 2);

        assertThat(new MapRule(2, 1, steps, MapRule.Fill.REPEATED).at(new Place(2, 1), grid).kind()).isEqualTo(STAR);
        assertThat(new MapRule(2, 1, steps, MapRule.Fill.DRAWN_OUT).at(new Place(2, 1), grid))
                .isEqualTo(new Placement(PLAIN, Turn.HALF, Colouring.AS_DRAWN));
    }

    /** A trade changes no count; a block keeps lying as its new place asks; blocks of two kinds do not trade. */
    @Test
    void only_blocks_of_one_kind_trade_places() {
        PlaceRule rule = CycleRule.of(PlaceLine.DIAGONALS, List.of(STAR, PLAIN));
        PlaceGrid grid = PlaceGrid.straight(3, 2);
        Arrangement before = Arrangement.of(rule, grid, List.of());
        PlaceChange.Traded legal = new PlaceChange.Traded(new Place(0, 0), new Place(2, 0));
        PlaceChange.Traded illegal = new PlaceChange.Traded(new Place(0, 0), new Place(1, 0));

        assertThat(before.tradesWith(new Place(0, 0), rule)).containsExactly(new Place(2, 0), new Place(1, 1));
        assertThat(before.allows(legal, rule)).isTrue();
        assertThat(before.allows(illegal, rule)).isFalse();
        assertThat(Arrangement.of(rule, grid, List.of(illegal))).isEqualTo(before);
        assertThat(Arrangement.leftOut(rule, grid, List.of(legal, illegal))).containsExactly(illegal);
        assertThat(before.tradesWith(new Place(0, 0), new PointRule(STAR, B, A, List.of(B)))).isEmpty();
    }

    @Property(tries = 100)
    void changes_by_hand_change_no_count(@ForAll("rules") PlaceRule rule, @ForAll @IntRange(min = 0, max = 11) int from,
            @ForAll @IntRange(min = 0, max = 11) int to) {
        PlaceGrid grid = PlaceGrid.straight(4, 3);
        List<PlaceChange> changes = List.of(
                new PlaceChange.Turned(grid.places().get(from), Turn.QUARTER),
                new PlaceChange.Traded(grid.places().get(from), grid.places().get(to)));
        Arrangement before = Arrangement.of(rule, grid, List.of());
        Arrangement after = Arrangement.of(rule, grid, changes);

        assertThat(after.countsByKind()).isEqualTo(before.countsByKind());
        assertThat(sewn(after)).containsExactlyInAnyOrderElementsOf(sewn(before));
        assertThat(PlaceChangeText.read(PlaceChangeText.write(changes)).changes()).isEqualTo(changes);
    }

    /** Kinds in their colourings with how many are sewn, however they lie. */
    private static List<Arrangement.Variant> sewn(Arrangement arrangement) {
        return arrangement.variants((halves, quarters) -> 0).stream()
                .map(variant -> new Arrangement.Variant(variant.kind(), variant.colouring(), variant.blocks(), 0)).toList();
    }

    @Test
    void a_change_that_says_nothing_is_told() {
        assertThat(PlaceChangeText.read("turn 1,1 by 45; trade 0,0 and 1,0").unread()).containsExactly("turn 1,1 by 45");
        assertThat(PlaceChangeText.read("turn 1,1 by 45; trade 0,0 and 1,0").changes()).hasSize(1);
    }
}
