package retazo.core.block;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigInteger;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import retazo.core.block.shape.DrawnPatch;
import retazo.core.block.shape.FinishedSize;
import retazo.core.block.shape.Orientation;
import retazo.core.block.shape.Point;
import retazo.core.block.spec.UnitMethod;
import retazo.core.block.unit.CutUnit;
import retazo.core.block.unit.HalfSquare;
import retazo.core.block.unit.Patch;
import retazo.core.block.unit.SizedUnit;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

class BlockTest {

    private static final RoleKey A = new RoleKey("a");
    private static final RoleKey B = new RoleKey("b");
    private static final CellGrid.Names ROLES = new CellGrid.Names(Map.of("A", A, "B", B), Map.of());
    private static final Length THREE = Length.ofInches(3);

    @Test
    void equal_units_are_counted_together_however_they_are_turned() {
        Block block = block(List.of(List.of("A/B", "B/A"), List.of("A\\B", "A")));

        assertThat(pooled(block)).isEqualTo(Map.of(
                sized(new HalfSquare(A, B, UnitMethod.TWO_AT_A_TIME), 3), new Count(3), sized(new Patch(A), 3), new Count(1)));
    }

    @Test
    void a_rising_seam_has_the_first_role_at_the_upper_left() {
        DrawnPatch first = block(List.of(List.of("A/B"))).draw().get(0);

        assertThat(first.role()).isEqualTo(A);
        assertThat(first.outline()).containsExactlyInAnyOrder(point(0, 0), point(3, 0), point(0, 3));
    }

    @Test
    void a_falling_seam_has_the_first_role_at_the_lower_left() {
        DrawnPatch first = block(List.of(List.of("A\\B"))).draw().get(0);

        assertThat(first.outline()).containsExactlyInAnyOrder(point(0, 0), point(0, 3), point(3, 3));
    }

    @Test
    void a_unit_that_spans_cells_has_their_size_together() {
        List<List<String>> rows = List.of(List.of("A", "<", "B"), List.of("^", "<", "B"));
        Block block = Block.of(List.of(THREE, THREE, THREE), List.of(THREE, THREE), CellGrid.read(rows, ROLES).cells());

        assertThat(block.units()).containsEntry(sized(new Patch(A), 6), new Count(1));
        assertThat(CellGrid.write(block, Map.of(A, "A", B, "B"))).isEqualTo(List.of(List.of("A", "<", "B"), List.of("^", "<", "B")));
    }

    @Test
    void holes_overlaps_and_triangles_that_are_not_square_are_told_at_their_cell() {
        List<Cell> cells = List.of(
                new Cell(0, 0, 2, 1, new SewnUnit(new Patch(A)), Orientation.UPRIGHT),
                new Cell(1, 0, 1, 1, new SewnUnit(new Patch(B)), Orientation.UPRIGHT),
                new Cell(0, 1, 1, 1, new SewnUnit(new HalfSquare(A, B, UnitMethod.TWO_AT_A_TIME)), Orientation.UPRIGHT));

        List<Problem> problems = Block.problems(List.of(THREE, THREE), List.of(THREE, Length.ofInches(2)), cells, Optional.empty());

        assertThat(problems).extracting(Problem::place, Problem::code).containsExactly(
                org.assertj.core.api.Assertions.tuple("cells.0.1", "block.overlap"),
                org.assertj.core.api.Assertions.tuple("cells.1.0", "unit.not-square"),
                org.assertj.core.api.Assertions.tuple("cells.1.1", "block.hole"));
        assertThatThrownBy(() -> Block.of(List.of(THREE), List.of(THREE), List.of()))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void a_grid_of_thirteen_columns_or_of_nothing_is_refused() {
        assertThat(Block.problems(java.util.Collections.nCopies(13, THREE), List.of(THREE), List.of(), Optional.empty()))
                .extracting(Problem::place).containsExactly("columns");
        assertThat(Block.problems(List.of(THREE), List.of(Length.ZERO), List.of(), Optional.empty()))
                .extracting(Problem::code).containsExactly("block.line-size");
    }

    @Test
    void texts_that_are_no_units_are_told_at_their_cell() {
        CellGrid.Grid reading = CellGrid.read(
                List.of(List.of("^", "A/C", ""), List.of("A-B", "<", "<")), ROLES);

        assertThat(reading.problems()).extracting(Problem::place, Problem::code).containsExactly(
                org.assertj.core.api.Assertions.tuple("cells.0.0", "cell.nothing-to-continue"),
                org.assertj.core.api.Assertions.tuple("cells.0.1", "cell.unknown-role"),
                org.assertj.core.api.Assertions.tuple("cells.0.2", "cell.missing"),
                org.assertj.core.api.Assertions.tuple("cells.1.0", "cell.unreadable"),
                org.assertj.core.api.Assertions.tuple("cells.1.1", "cell.nothing-to-continue"),
                org.assertj.core.api.Assertions.tuple("cells.1.2", "cell.nothing-to-continue"));
    }

    @Test
    void a_span_that_is_no_rectangle_is_told() {
        CellGrid.Grid reading = CellGrid.read(List.of(List.of("A", "<"), List.of("^", "B")), ROLES);

        assertThat(reading.problems()).extracting(Problem::code).containsExactly("cell.span-not-a-rectangle");
    }

    @Property
    void the_drawn_patches_cover_the_block_exactly(@ForAll("grids") List<List<String>> rows) {
        Block block = block(rows);

        BigInteger drawn = block.draw().stream()
                .map(DrawnPatch::doubledAreaInSquareTicks).reduce(BigInteger.ZERO, BigInteger::add);

        assertThat(drawn).isEqualTo(BigInteger.valueOf(block.finishedWidth().ticks())
                .multiply(BigInteger.valueOf(block.finishedHeight().ticks())).shiftLeft(1));
    }

    @Property
    void what_is_written_as_a_grid_is_read_back(@ForAll("grids") List<List<String>> rows) {
        Block block = block(rows);

        List<List<String>> written = CellGrid.write(block, Map.of(A, "A", B, "B"));

        assertThat(CellGrid.read(written, ROLES).cells()).isEqualTo(block.cells());
    }

    @Provide
    Arbitrary<List<List<String>>> grids() {
        return Arbitraries.of("A", "B", "A/B", "B/A", "A\\B", "B\\A").list().ofSize(3).list().ofMinSize(1).ofMaxSize(4);
    }

    private static Block block(List<List<String>> rows) {
        CellGrid.Grid reading = CellGrid.read(rows, ROLES);
        assertThat(reading.problems()).isEmpty();
        return Block.of(
                java.util.Collections.nCopies(rows.get(0).size(), THREE), java.util.Collections.nCopies(rows.size(), THREE),
                reading.cells());
    }

    /** Units as they are counted together. */
    private static Map<SizedUnit, Count> pooled(Block block) {
        Map<SizedUnit, Count> pooled = new HashMap<>();
        block.units().forEach((unit, count) -> pooled.merge(unit.pooled(), count, Count::plus));
        return pooled;
    }

    private static SizedUnit sized(CutUnit unit, long inches) {
        return new SizedUnit(unit, FinishedSize.square(Length.ofInches(inches)), false);
    }

    private static Point point(long x, long y) {
        return new Point(Length.ofInches(x), Length.ofInches(y));
    }
}
