package retazo.core.block.unit;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import retazo.core.block.Block;
import retazo.core.block.BlockKey;
import retazo.core.block.Cell;
import retazo.core.block.CellGrid;
import retazo.core.block.InnerBlock;
import retazo.core.block.SewnUnit;
import retazo.core.block.Trim;
import retazo.core.block.shape.DrawnPatch;
import retazo.core.block.shape.FinishedSize;
import retazo.core.block.shape.Orientation;
import retazo.core.block.shape.Point;
import retazo.core.block.shape.Turn;
import retazo.core.block.spec.Corner;
import retazo.core.block.spec.UnitPractice;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.measure.Reading;

/** What units look like, and what turning and mirroring leave as it is. */
class UnitDrawingTest {

    private static final List<String> UNITS = UnitSamples.EVERY_UNIT.keySet().stream().sorted().toList();

    @Provide
    Arbitrary<List<String>> cells() {
        return Arbitraries.of(UNITS).list().ofMinSize(1).ofMaxSize(5);
    }

    @Provide
    Arbitrary<Orientation> orientations() {
        return Combinators.combine(Arbitraries.of(Turn.values()), Arbitraries.of(true, false)).as(Orientation::new);
    }

    @Property(tries = 300)
    void the_drawn_area_of_all_units_is_the_blocks_area(
            @ForAll("cells") List<String> texts, @ForAll("orientations") Orientation orientation) {
        for (String text : texts) {
            Block block = placed(text, orientation);

            assertThat(area(block)).as(text).isEqualTo(doubledArea(block.finished()));
            assertThat(area(block.turned(Turn.QUARTER))).as(text).isEqualTo(doubledArea(block.finished()));
            assertThat(area(block.mirrored())).as(text).isEqualTo(doubledArea(block.finished()));
        }
    }

    /** Corners of any sizes, overlapping or not, in cells of an odd number of ticks. */
    @Property(tries = 500)
    void overlapping_corners_leave_no_gap(
            @ForAll("corners") List<Clipped.Clip> clips, @ForAll("oddTicks") long width, @ForAll("oddTicks") long height) {
        FinishedSize size = new FinishedSize(new Length(width), new Length(height));
        Clipped unit = new Clipped(new RoleKey("Z"), clips.stream()
                .filter(clip -> !clip.finished().isLongerThan(size.width()) && !clip.finished().isLongerThan(size.height()))
                .toList());

        BigInteger drawn = unit.draw(size).stream()
                .map(DrawnPatch::doubledAreaInSquareTicks).reduce(BigInteger.ZERO, BigInteger::add);

        assertThat(drawn).isEqualTo(doubledArea(size));
    }

    @Provide
    Arbitrary<List<Clipped.Clip>> corners() {
        return Combinators.combine(
                Arbitraries.of(Corner.values()), Arbitraries.of("A", "B", "C"), Arbitraries.longs().between(1, 3_000_000))
                .as((corner, role, ticks) -> new Clipped.Clip(corner, new RoleKey(role), new Length(ticks)))
                .list().uniqueElements(Clipped.Clip::corner).ofMinSize(1).ofMaxSize(4);
    }

    @Provide
    Arbitrary<Long> oddTicks() {
        return Arbitraries.longs().between(500_000, 2_000_000).map(half -> 2 * half + 1);
    }

    @Property(tries = 200)
    void turning_and_mirroring_never_change_the_pieces(
            @ForAll("cells") List<String> texts, @ForAll("orientations") Orientation orientation) {
        for (String text : texts) {
            Block block = placed(text, orientation);

            assertThat(piecesIfFlipped(block.turned(Turn.QUARTER))).as(text).isEqualTo(piecesIfFlipped(block));
            assertThat(piecesIfFlipped(block.turned(Turn.HALF).mirrored())).as(text).isEqualTo(piecesIfFlipped(block));
        }
    }

    @Property(tries = 200)
    void four_quarter_turns_and_two_mirrorings_give_the_same_block(
            @ForAll("cells") List<String> texts, @ForAll("orientations") Orientation orientation) {
        for (String text : texts) {
            Block block = placed(text, orientation);

            assertThat(block.turned(Turn.QUARTER).turned(Turn.THREE_QUARTERS)).isEqualTo(block);
            assertThat(block.mirrored().mirrored()).isEqualTo(block);
            assertThat(block.turned(Turn.QUARTER).mirrored()).isEqualTo(block.mirrored().turned(Turn.THREE_QUARTERS));
        }
    }

    @Property(tries = 200)
    void what_is_written_for_a_cell_is_read_back(@ForAll("cells") List<String> texts, @ForAll("orientations") Orientation orientation) {
        Map<RoleKey, String> letters = new HashMap<>();
        UnitSamples.names().roles().forEach((letter, key) -> letters.put(key, letter));
        for (String text : texts) {
            CellGrid.Placed placed = new CellGrid.Placed(new SewnUnit(UnitSamples.unit(text)), orientation);

            Reading<CellGrid.Placed> read = CellGrid.readContent(CellGrid.write(placed.content(), placed.orientation(), letters),
                    UnitSamples.names());

            assertThat(read).isEqualTo(Reading.of(placed));
        }
    }

    /** Mirrored, a seam that rises falls; turned by half it rises again with the roles changed over. */
    @Test
    void a_mirrored_triangle_has_its_first_role_at_the_upper_right() {
        Block block = UnitSamples.blockOf("A/B", UnitSamples.size("3", "3")).mirrored();

        assertThat(block.draw().get(0).outline()).containsExactlyInAnyOrder(point(0, 0), point(3, 0), point(3, 3));
    }

    /** A goose that points up, turned a quarter clockwise, points right. */
    @Test
    void a_turned_goose_points_right() {
        Block block = UnitSamples.blockOf("geese A, B", UnitSamples.size("4", "2")).turned(Turn.QUARTER);

        assertThat(block.finished()).isEqualTo(UnitSamples.size("2", "4"));
        assertThat(block.draw().get(0).outline()).containsExactlyInAnyOrder(point(2, 2), point(0, 4), point(0, 0));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            hourglass A, B                          | 3 | 4 | unit.not-square
            geese A, B                              | 4 | 3 | unit.goose-shape
            clipped A, B top-left:3 1/8             | 6 | 3 | unit.corner-size
            clipped A, B top-left:1, C top-left:1   | 6 | 3 | unit.corner-twice
            square-in-square A, A                   | 4 | 4 | unit.one-role
            strip-set A 1, B 2                      | 3 | 4 | unit.strips-do-not-meet
            wedge A 4, B                            | 4 | 4 | unit.wedge-top
            slashed A 6, B                          | 6 | 4 | unit.lean
            templates A 0:0:4:0:0:3, B 4:0:4:3:0:2  | 4 | 3 | unit.template-overlap
            templates A 0:0:4:0:0:3, B 4:0:4:3:2:3  | 4 | 3 | unit.template-hole
            templates A 0:0:4:3:4:0:0:3             | 4 | 3 | unit.template-crosses
            templates A 0:0:5:0:5:3:0:3             | 4 | 3 | unit.template-outside
            """)
    void what_does_not_fit_its_cell_is_told(String text, String width, String height, String code) {
        assertThat(UnitSamples.unit(text).problem(UnitSamples.size(width, height))).map(Problem::code).contains(code);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            hourglass A                    | unit.parts
            hourglass A 2, B               | unit.sizes-not-wanted
            hourglass:flip A, B            | unit.method
            hourglass:backwards A, B       | unit.method
            ring A, B, C, A                | unit.ring-parts
            clipped A, B 2                 | unit.clipped-parts
            strip-set A, B                 | unit.strip-set-parts
            wedge A, B 2                   | unit.wedge-parts
            slashed A, B                   | unit.slashed-parts
            templates A 0:0:1:1            | unit.template-parts
            geese A, Z                     | cell.unknown-role
            geese A, B x                   | unit.size
            geese A, ,                     | unit.part
            gooze A, B                     | cell.unreadable
            """)
    void what_is_no_unit_is_told(String text, String code) {
        Reading<CellGrid.Placed> reading = CellGrid.readContent(text, UnitSamples.names());

        assertThat(reading.<Optional<String>>match(placed -> Optional.empty(), problem -> Optional.of(problem.code()))).contains(code);
    }

    @Test
    void a_block_stands_in_a_cell_of_its_own_size_and_its_pieces_are_counted() {
        Block small = Block.of(
                Collections.nCopies(2, Length.ofInches(2)), Collections.nCopies(2, Length.ofInches(2)),
                CellGrid.read(List.of(List.of("A/B", "A"), List.of("B", "A/B")), UnitSamples.names()).cells());
        CellGrid.Names names = new CellGrid.Names(UnitSamples.names().roles(),
                Map.of("small", new InnerBlock(new BlockKey("small"), small)));
        List<Cell> cells = CellGrid.read(List.of(List.of("block small", "block small @90m"), List.of("C", "block small @180")), names)
                .cells();
        List<Length> fours = Collections.nCopies(2, Length.ofInches(4));

        Block large = Block.of(fours, fours, cells);

        assertThat(pieces(large)).containsEntry("A", new Count(3)).containsEntry("B", new Count(3)).containsEntry("A/B", new Count(6))
                .containsEntry("C", new Count(1));
        assertThat(area(large)).isEqualTo(doubledArea(large.finished()));
        assertThat(Block.problems(Collections.nCopies(2, Length.ofInches(5)), fours, cells, Optional.empty()))
                .extracting(Problem::place, Problem::code).contains(org.assertj.core.api.Assertions.tuple("cells.0.0", "unit.inner-size"));
    }

    /** A grid of 8 in turned by 15° holds a square of 8 ÷ (cos 15° + sin 15°) = 6.53 in, and with its seams one of 6.94. */
    @Test
    void a_block_trimmed_on_the_turn_has_the_size_it_declares() {
        List<Length> two = Collections.nCopies(2, Length.ofInches(4));
        List<Cell> cells = CellGrid.read(List.of(List.of("A", "B"), List.of("B", "A")), UnitSamples.names()).cells();
        Block block = new Block(two, two, cells, Optional.of(new Trim(UnitSamples.size("6 1/2", "6 1/2"), 15)));

        assertThat(block.finished()).isEqualTo(UnitSamples.size("6 1/2", "6 1/2"));
        assertThat(block.units()).isEqualTo(Block.of(two, two, cells).units());
        assertThat(block.draw().stream().flatMap(patch -> patch.outline().stream())).allSatisfy(point -> {
            assertThat(point.x()).isBetween(Length.ZERO, Length.parse("6 1/2"));
            assertThat(point.y()).isBetween(Length.ZERO, Length.parse("6 1/2"));
        });
        assertThat(Block.problems(two, two, cells, Optional.of(new Trim(UnitSamples.size("7", "7"), 15))))
                .extracting(Problem::code).containsExactly("block.trim-size");
        assertThat(Block.problems(two, two, cells, Optional.of(new Trim(UnitSamples.size("4", "4"), 46))))
                .extracting(Problem::code).containsExactly("block.trim-turn");
    }

    private static Block placed(String text, Orientation orientation) {
        FinishedSize size = UnitSamples.EVERY_UNIT.get(text).turned(orientation.turn());
        return Block.of(
                List.of(size.width()), List.of(size.height()), List.of(Cell.at(0, 0, UnitSamples.unit(text), orientation)));
    }

    /** What is cut, with no print that reads one way or differs on its back. */
    private static List<String> piecesIfFlipped(Block block) {
        List<String> pieces = new ArrayList<>();
        block.units().forEach((unit, count) -> unit.pooled().unit()
                .cut(new UnitCutting("u", UnitSamples.count(count.value()), unit.size(), unit.mirrored(),
                        UnitPractice.of(UnitSamples.oversize("1/8"))))
                .pieces()
                .forEach(piece -> pieces.add(piece.role() + " " + piece.shape().cutSize().flipped() + " " + piece.count().value())));
        Collections.sort(pieces);
        return pieces;
    }

    private static Map<String, Count> pieces(Block block) {
        Map<String, Count> pieces = new HashMap<>();
        block.units()
                .forEach((unit, count) -> pieces.merge(UnitText.write(unit.pooled().unit().spec(), RoleKey::value), count, Count::plus));
        return pieces;
    }

    private static BigInteger area(Block block) {
        return block.draw().stream().map(DrawnPatch::doubledAreaInSquareTicks).reduce(BigInteger.ZERO, BigInteger::add);
    }

    private static BigInteger doubledArea(FinishedSize size) {
        return BigInteger.valueOf(size.width().ticks()).multiply(BigInteger.valueOf(size.height().ticks())).shiftLeft(1);
    }

    private static Point point(long x, long y) {
        return new Point(Length.ofInches(x), Length.ofInches(y));
    }
}
