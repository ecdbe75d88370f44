package retazo.core.precut;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import retazo.core.cutting.strip.CutStrip;
import retazo.core.cutting.strip.CutStrip.PlacedPiece;
import retazo.core.cutting.strip.LaidPiece;
import retazo.core.measure.Length;

/** A square of 10 that gives two of 5 × 4, which may not turn, each fault by itself. */
class SheetPlanCheckTest {

    private static final SheetRequest TWO = new SheetRequest(Length.ofInches(10), Length.ofInches(10),
            List.of(new LaidPiece("A", Length.ofInches(5), Length.ofInches(4), 2, false)));

    @Test
    void two_side_by_side_are_a_good_plan() {
        assertThat(faults(1, 1, at(0, 0, 5, 4), at(5, 0, 5, 4))).isEmpty();
    }

    @Test
    void a_piece_too_few_is_told() {
        assertThat(faults(1, 1, at(0, 0, 5, 4))).singleElement().asString().contains("1 are cut where 2 are needed");
    }

    @Test
    void pieces_on_top_of_each_other_over_the_edge_or_turned_are_told() {
        assertThat(faults(1, 1, at(0, 0, 5, 4), at(4, 0, 5, 4))).isNotEmpty();
        assertThat(faults(1, 1, at(0, 0, 5, 4), at(6, 0, 5, 4))).isNotEmpty();
        assertThat(faults(1, 1, at(0, 0, 5, 4), turned(5, 0))).isNotEmpty();
    }

    /** Four blades around a middle lie in the sheet without overlap, but no straight cut frees one of them. */
    @Test
    void a_mill_that_no_straight_cut_takes_apart_is_told() {
        SheetRequest four = new SheetRequest(
                Length.ofInches(8), Length.ofInches(8), List.of(
                        new LaidPiece("A", Length.ofInches(5), Length.ofInches(3), 2, false),
                        new LaidPiece("B", Length.ofInches(3), Length.ofInches(5), 2, false)));
        CutDiagram mill = new CutDiagram(List.of(
                piece("A", 0, 0, 5, 3, false), piece("B", 5, 0, 3, 5, false), piece("A", 3, 5, 5, 3, false),
                piece("B", 0, 3, 3, 5, false)));

        assertThat(SheetPlanCheck.faults(new SheetPlan(four, List.of(new SheetPlan.Cut(mill, 1)), 1))).isNotEmpty();
    }

    @Test
    void a_bound_above_the_sheets_is_told() {
        assertThat(faults(1, 2, at(0, 0, 5, 4), at(5, 0, 5, 4))).singleElement().asString().contains("bound 2 is above the 1 sheets");
    }

    private static List<String> faults(int times, int bound, PlacedPiece... pieces) {
        return SheetPlanCheck.faults(new SheetPlan(TWO, List.of(new SheetPlan.Cut(new CutDiagram(List.of(pieces)), times)), bound));
    }

    private static PlacedPiece at(int x, int y, int width, int height) {
        return piece("A", x, y, width, height, false);
    }

    private static PlacedPiece turned(int x, int y) {
        return piece("A", x, y, 4, 5, true);
    }

    private static PlacedPiece piece(String id, int x, int y, int width, int height, boolean turned) {
        return new PlacedPiece(id, Length.ofInches(x), Length.ofInches(y), Length.ofInches(width), Length.ofInches(height), turned);
    }
}
