package retazo.core.quilt.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.math.BigInteger;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.assertj.core.groups.Tuple;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import retazo.core.block.Block;
import retazo.core.block.BlockKey;
import retazo.core.block.shape.DrawnPatch;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.BlockKind;
import retazo.core.quilt.design.Composition;
import retazo.core.quilt.design.DesignCheck;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.design.QuiltSamples;
import retazo.core.quilt.finish.BorderCorners;
import retazo.core.quilt.finish.BorderDesign;
import retazo.core.quilt.finish.Finishing;
import retazo.core.quilt.finish.PiecedOf;
import retazo.core.quilt.picture.QuiltDrawing;
import retazo.core.quilt.place.PlaceRule;
import retazo.core.quilt.setting.Grain;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;
import retazo.core.quilt.size.Way;

/** Blocks of 12 in with a border of teeth, half-square triangles of 3 in. */
class PiecedBorderTest {

    private static final BlockKey TOOTH = new BlockKey("tooth");
    private static final BlockKey POST = new BlockKey("post");
    private static final Block TEETH = QuiltSamples.block(3, List.of(List.of("B/C")));
    private static final Block POSTS = QuiltSamples.block(3, List.of(List.of("D")));

    private static Drawing drawing(PiecedOf pieced) {
        return Drawing.of(
                List.of(new BlockKind(QuiltSamples.WAKE_KEY, "wake", QuiltSamples.wakeBlock()), new BlockKind(TOOTH, "tooth", TEETH),
                        new BlockKind(POST, "post", POSTS)),
                Composition.straight(PlaceRule.uniform(QuiltSamples.WAKE_KEY), Finishing.of(
                        List.of(BorderDesign.butted(QuiltSamples.QUAY), new BorderDesign(
                                QuiltSamples.NIGHT, BorderCorners.BUTTED, Optional.empty(), Grain.SHORTER, Optional.of(pieced))),
                        Optional.empty(), Optional.empty())));
    }

    private static QuiltSize.Grid size(String... widths) {
        return QuiltSize.Grid.of(
                new SizeKey("throw"), "Throw", 4, 5, Stream.of(widths).map(Length::parse).toList());
    }

    private static QuiltPlan plan(Drawing drawing, QuiltSize.Grid size) {
        return new QuiltPlanner(ShopPractice.customary()).plan(QuiltDesign.drawn(
                QuiltSamples.wakeRoles().stream().filter(role -> drawing.roles().contains(role.key())).toList(), List.of(size), drawing),
                size);
    }

    /**
     * 4 × 5 blocks are 48 × 60; 1½ in around them make 51 × 63: 17 teeth along the top and the bottom, 21 along each side, 2 · 38 = 76.
     * They are pooled with nothing else, so 38 squares of each fabric; the corners are four posts. It finishes 57 × 69.
     */
    @Test
    void its_blocks_are_counted_along_the_sides_and_sewn_like_all_others() {
        QuiltPlan plan = plan(drawing(new PiecedOf(TOOTH, Optional.of(POST))), size("1 1/2 in", "3 in"));

        assertThat(plan.piecedBorders()).singleElement().satisfies(border -> {
            assertThat(border.number()).isEqualTo(2);
            assertThat(border.across().value()).isEqualTo(new Count(17));
            assertThat(border.down().value()).isEqualTo(new Count(21));
        });
        assertThat(plan.blocks()).extracting(BlockCount::name, count -> count.count().value(), BlockCount::turned).containsExactly(
                tuple("wake", new Count(20), new Count(0)), tuple("tooth-border2", new Count(76), new Count(42)),
                tuple("post-corner2", new Count(4), new Count(2)));
        assertThat(plan.units()).filteredOn(unit -> unit.unit().unit().roles().equals(List.of(QuiltSamples.FOG, QuiltSamples.LANTERN))
                || unit.unit().unit().roles().equals(List.of(QuiltSamples.LANTERN, QuiltSamples.FOG)))
                .singleElement().satisfies(unit -> {
                    // One in each of the 20 blocks too: 96 in all, so 48 squares of each.
                    assertThat(unit.needed().value()).isEqualTo(new Count(96));
                    assertThat(unit.cut().pieces().get(0).count().value()).isEqualTo(new Count(48));
                });
        assertThat(plan.longPieces()).extracting(pieces -> pieces.use()).containsExactly(Use.border(1));
        assertThat(plan.finished().orElseThrow().width().value()).isEqualTo(Length.ofInches(57));
        assertThat(plan.finished().orElseThrow().height().value()).isEqualTo(Length.ofInches(69));
    }

    /** Without corner blocks there are four squares of the border's role, cut 3½ in. */
    @Test
    void plain_squares_stand_in_the_corners() {
        QuiltPlan plan = plan(drawing(new PiecedOf(TOOTH, Optional.empty())), size("1 1/2 in", "3 in"));

        assertThat(plan.pieces()).filteredOn(piece -> piece.use().equals(Use.border(2))).singleElement().satisfies(piece -> {
            assertThat(piece.role()).isEqualTo(QuiltSamples.NIGHT);
            assertThat(piece.count().value()).isEqualTo(new Count(4));
            assertThat(piece.shape().across().value()).isEqualTo(Length.parse("3 1/2 in"));
        });
    }

    /**
     * Around 48 × 60 sixteen and twenty teeth of 3 in fit at once. With 1 in inside them the sides are 50 × 62: sixteen leave 2 over, and
     * ½ in more inside makes seventeen fit. A border of 4 in is no border of teeth 3 in high.
     */
    @ParameterizedTest
    @CsvSource({"0 in, 3 in, ''", "1 1/2 in, 3 in, ''", "1 in, 3 in, border.pieced-length border.pieced-length",
            "1 1/2 in, 4 in, border.pieced-width", "1 1/2 in, 0 in, ''"})
    void a_side_takes_a_whole_number_of_blocks(String inner, String outer, String codes) {
        List<Problem> problems = drawing(new PiecedOf(TOOTH, Optional.empty())).problemsAt(size(inner, outer));

        assertThat(String.join(" ", problems.stream().map(Problem::code).toList())).isEqualTo(codes);
        problems.stream().filter(problem -> problem.code().equals("border.pieced-length")).findFirst().ifPresent(problem -> assertThat(
                problem.arguments()).containsExactly(
                        2, "tooth", Length.ofInches(3), Length.ofInches(50), 16L, Length.ofInches(2), Length.ofInches(1, 2), 17L));
    }

    /** Drawn, it covers the ring around what is inside it, and nothing twice. */
    @ParameterizedTest
    @CsvSource({"true", "false"})
    void it_is_drawn_without_gaps(boolean posts) {
        QuiltDrawing drawn = QuiltDrawing.of(
                drawing(new PiecedOf(TOOTH, Optional.of(POST).filter(any -> posts))), size("1 1/2 in", "3 in"), Length.ofInches(1, 4));

        BigInteger around = drawn.around().stream().map(DrawnPatch::doubledAreaInSquareTicks).map(BigInteger::abs)
                .reduce(BigInteger.ZERO, BigInteger::add);
        assertThat(around.shiftRight(1)).isEqualTo(
                area(drawn.width(), drawn.height()).subtract(area(drawn.inside().width(), drawn.inside().height())));
    }

    private static BigInteger area(Length width, Length height) {
        return BigInteger.valueOf(width.ticks()).multiply(BigInteger.valueOf(height.ticks()));
    }

    @Test
    void blocks_that_are_gone_or_do_not_fit_a_corner_are_told() {
        Drawing gone = drawing(new PiecedOf(new BlockKey("gone"), Optional.empty()));
        Drawing wide = drawing(new PiecedOf(TOOTH, Optional.of(QuiltSamples.WAKE_KEY)));

        assertThat(problems(gone)).contains(tuple("borders.1.pieced", "border.no-block"));
        assertThat(problems(wide)).contains(tuple("borders.1.pieced", "border.corner-block"));
    }

    private static List<Tuple> problems(Drawing drawing) {
        return new DesignCheck(
                QuiltSamples.wakeRoles().stream().filter(role -> drawing.roles().contains(role.key())).toList(),
                List.of(size("1 1/2 in", "3 in")), Optional.empty(), Optional.empty(), Optional.of(drawing), Way.DRAWING, Map.of())
                .problems().stream().map(problem -> tuple(problem.place(), problem.code())).toList();
    }

    /** A print that reads one way: of 76 blocks 42 lie on their side, which squares do not mind; their halves are told. */
    @Test
    void turned_blocks_of_the_sides_count_for_prints_that_stay_upright() {
        QuiltPlan plan = plan(drawing(new PiecedOf(TOOTH, Optional.of(POST))), size("1 1/2 in", "3 in"))
                .upright(role -> PrintKind.ONE_WAY);

        assertThat(plan.pieces()).filteredOn(piece -> piece.role().equals(QuiltSamples.QUAY)).singleElement()
                .satisfies(piece -> assertThat(piece.turned()).isEqualTo(new Count(2)));
    }
}
