package retazo.core.cutting.strip;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import retazo.core.cutting.strip.CutStrip.PlacedPiece;
import retazo.core.cutting.strip.CutStrip.Rest;
import retazo.core.measure.Length;

class CutPlanCheckTest {

    private static final CutRequest REQUEST = new CutRequest(
            inches(40), List.of(new LaidPiece("A", inches(10), inches(4), 4, false), new LaidPiece("B", inches(3), inches(2), 2, true)),
            List.of(), List.of(), Optional.empty());

    private static Length inches(long inches) {
        return Length.ofInches(inches);
    }

    private static PlacedPiece placed(String id, long x, long y, long width, long height, boolean turned) {
        return new PlacedPiece(id, inches(x), inches(y), inches(width), inches(height), turned);
    }

    private static CutPlan plan(List<PlacedPiece> second, List<Rest> rests) {
        return new CutPlan(List.of(
                new CutStrip(1, inches(4), List.of(
                        placed("A", 0, 0, 10, 4, false), placed("A", 10, 0, 10, 4, false), placed("A", 20, 0, 10, 4, false),
                        placed("A", 30, 0, 10, 4, false)), List.of()),
                new CutStrip(1, inches(3), second, rests)), inches(5));
    }

    @Test
    void good_plan_has_no_faults() {
        CutPlan plan = plan(
                List.of(placed("B", 0, 0, 3, 2, false), placed("B", 3, 0, 2, 3, true)),
                List.of(new Rest(inches(5), Length.ZERO, inches(35), inches(3))));

        assertThat(CutPlanCheck.faults(REQUEST, plan)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
            "0, 0, 3, 2, false, 2, 0, 2, 3, true, One over the other",
            "0, 0, 3, 2, false, 38, 0, 3, 2, false, Outside",
            "0, 0, 3, 2, false, 39, 0, 2, 3, true, Outside",
            "0, 0, 3, 2, false, 3, 1, 2, 3, true, Outside",
            "0, 0, 3, 2, false, 3, 0, 2, 3, false, is cut as",
            "0, 0, 3, 2, false, 3, 0, 4, 2, false, is cut as"})
    void wrong_places_are_told(
            long x, long y, long width, long height, boolean turned, long x2, long y2, long width2, long height2, boolean turned2,
            String fault) {
        CutPlan plan = plan(List.of(placed("B", x, y, width, height, turned), placed("B", x2, y2, width2, height2, turned2)), List.of());

        assertThat(CutPlanCheck.faults(REQUEST, plan)).anySatisfy(one -> assertThat(one).contains(fault));
    }

    @Test
    void missing_piece_a_foreign_one_and_a_bound_too_high_are_told() {
        CutPlan plan = new CutPlan(plan(List.of(placed("C", 0, 0, 3, 2, false)), List.of()).strips(), inches(8));

        assertThat(CutPlanCheck.faults(REQUEST, plan)).hasSize(3)
                .anySatisfy(fault -> assertThat(fault).contains("B").contains("there are 0"))
                .anySatisfy(fault -> assertThat(fault).contains("Nobody asked for 'C'"))
                .anySatisfy(fault -> assertThat(fault).contains("bound"));
    }

    @Test
    void pinwheel_cannot_be_cut_edge_to_edge() {
        CutRequest request = CutRequest.of(inches(5), List.of(new LaidPiece("A", inches(3), inches(2), 4, true)));
        CutPlan plan = new CutPlan(List.of(new CutStrip(1, inches(5), List.of(
                placed("A", 0, 0, 3, 2, false), placed("A", 3, 0, 2, 3, true), placed("A", 2, 3, 3, 2, false),
                placed("A", 0, 2, 2, 3, true)),
                List.of())), inches(5));

        assertThat(CutPlanCheck.faults(request, plan)).singleElement().asString().contains("straight cuts");
    }

    @Test
    void joined_strip_that_is_too_short_with_its_joins_is_told() {
        CutRequest request = new CutRequest(inches(40), List.of(), List.of(),
                List.of(new JoinedStrip("border", inches(2), inches(80), inches(1))), Optional.empty());
        CutPlan twoStrips = new CutPlan(List.of(new CutStrip(2, inches(2), List.of(placed("border", 0, 0, 40, 2, false)), List.of())),
                inches(4));

        assertThat(CutPlanCheck.faults(request, twoStrips)).singleElement().asString().contains("79 in");
    }
}
