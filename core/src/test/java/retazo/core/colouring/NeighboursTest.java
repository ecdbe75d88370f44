package retazo.core.colouring;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import retazo.core.block.Block;
import retazo.core.block.BlockKey;
import retazo.core.block.Cell;
import retazo.core.block.shape.DrawnPatch;
import retazo.core.block.shape.Orientation;
import retazo.core.block.shape.Point;
import retazo.core.block.unit.Patch;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;
import retazo.core.quilt.design.BlockKind;
import retazo.core.quilt.design.Composition;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.finish.Finishing;
import retazo.core.quilt.picture.QuiltDrawing;
import retazo.core.quilt.place.PlaceRule;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;

class NeighboursTest {

    private static final int CELL = 6;

    /** A quilt of such blocks, each of two by two squares of six inches. */
    private static QuiltDrawing quilt(List<Integer> roles, int columns, int rows) {
        Length six = Length.ofInches(CELL);
        BlockKey key = new BlockKey("four");
        List<Cell> cells = IntStream.range(0, 4)
                .mapToObj(at -> Cell.at(at % 2, at / 2, new Patch(role(roles.get(at))), Orientation.UPRIGHT)).toList();
        Drawing drawing = Drawing.of(
                List.of(new BlockKind(key, "four", Block.of(List.of(six, six), List.of(six, six), cells))),
                Composition.straight(PlaceRule.uniform(key), Finishing.of(List.of(), Optional.empty(), Optional.empty())));
        return QuiltDrawing.of(drawing, QuiltSize.Grid.of(new SizeKey("s"), "S", columns, rows, List.of()), Length.ofInches(1, 4));
    }

    private static RoleKey role(int number) {
        return new RoleKey("r" + number);
    }

    private static Map<String, Length> sides(Neighbours neighbours) {
        return neighbours.pairs().stream()
                .collect(Collectors.toMap(pair -> pair.one() + " " + pair.other(), Neighbours.Pair::side));
    }

    /** Against the squares of the quilt counted in a table: each side of a square is six inches. */
    @Property(tries = 60)
    void sides_of_squares_are_counted_as_a_table_counts_them(
            @ForAll @Size(4) List<@IntRange(min = 0, max = 3) Integer> roles, @ForAll @IntRange(min = 1, max = 4) int columns,
            @ForAll @IntRange(min = 1, max = 3) int rows) {
        Map<String, Length> expected = new HashMap<>();
        for (int y = 0; y < 2 * rows; y++) {
            for (int x = 0; x < 2 * columns; x++) {
                int here = roles.get(y % 2 * 2 + x % 2);
                for (int[] step : new int[][] {{1, 0}, {0, 1}}) {
                    int besideX = x + step[0];
                    int besideY = y + step[1];
                    if (besideX < 2 * columns && besideY < 2 * rows) {
                        int beside = roles.get(besideY % 2 * 2 + besideX % 2);
                        if (beside != here) {
                            String pair = String.join(" ", new TreeSet<>(List.of("r" + here, "r" + beside)));
                            expected.merge(pair, Length.ofInches(CELL), Length::plus);
                        }
                    }
                }
            }
        }

        assertThat(sides(Neighbours.of(quilt(roles, columns, rows)))).isEqualTo(expected);
    }

    /**
     * A block of one role on point in a square of 12 in, its sides 12 ÷ √2 = 8.485 in: they touch the triangles behind it over four of
     * them, 33.94 in; around it a frame of 2 in touches the triangles over four times 12.
     */
    @Test
    void a_block_on_point_touches_what_lies_behind_it() {
        RoleKey behind = new RoleKey("behind");
        RoleKey frame = new RoleKey("frame");
        Length side = new Length(Math.round(12 * Length.TICKS_PER_INCH / Math.sqrt(2)));
        Length edge = Length.ofInches(2);
        List<DrawnPatch> around = new ArrayList<>();
        around.add(rectangle(frame, 0, 0, 16, 2));
        around.add(rectangle(frame, 0, 14, 16, 2));
        around.add(rectangle(frame, 0, 2, 2, 12));
        around.add(rectangle(frame, 14, 2, 2, 12));
        QuiltDrawing quilt = new QuiltDrawing(
                Length.ofInches(16), Length.ofInches(16),
                new QuiltDrawing.Inside(new Point(edge, edge), Length.ofInches(12), Length.ofInches(12)), Optional.empty(),
                List.of(rectangle(behind, 2, 2, 12, 12)),
                List.of(new QuiltDrawing.PlacedBlock(new BlockKey("b"), "b-1", side, side, List.of(
                        new DrawnPatch(role(1), List.of(
                                new Point(Length.ZERO, Length.ZERO), new Point(side, Length.ZERO), new Point(side, side),
                                new Point(Length.ZERO, side)))),
                        List.of(new QuiltDrawing.Spot(
                                new retazo.core.quilt.place.Place(0, 0), new Point(Length.ofInches(8), Length.ofInches(8)), 45)))),
                around);

        Neighbours found = Neighbours.of(quilt);

        assertThat(found.pairs()).hasSize(2);
        assertThat(found.pairs().get(0).side()).isEqualTo(Length.ofInches(48));
        assertThat(found.pairs().get(0).has(frame)).isTrue();
        assertThat(found.pairs().get(1).side().minus(Length.ofInches(3394, 100)).ticks())
                .isBetween(-Length.ofInches(1, 4).ticks(), Length.ofInches(1, 4).ticks());
        assertThat(found.pairs().get(1).beside(behind)).isEqualTo(role(1));
        assertThat(found.pairs().get(1).places()).isNotEmpty()
                .allSatisfy(place -> assertThat(place.x()).isBetween(Length.ofInches(2), Length.ofInches(14)));
    }

    private static DrawnPatch rectangle(RoleKey role, int x, int y, int width, int height) {
        return new DrawnPatch(role, List.of(
                point(x, y), point(x + width, y), point(x + width, y + height), point(x, y + height)));
    }

    private static Point point(int x, int y) {
        return new Point(Length.ofInches(x), Length.ofInches(y));
    }
}
