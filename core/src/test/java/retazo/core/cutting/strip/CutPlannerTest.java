package retazo.core.cutting.strip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import retazo.core.measure.Length;

class CutPlannerTest {

    private static final Length FORTY = Length.ofInches(40);

    private final CutPlanner planner = new CutPlanner();

    @Test
    void lengths_of_one_height_share_strips() {
        CutPlan plan = checked(
                CutRequest.of(FORTY, List.of(piece("A", "12 1/2", "4 1/2", 11, false), piece("B", "7", "4 1/2", 11, false))));

        // alone 4 + 3 strips; together ⌈(137 1/2 + 77) ÷ 40⌉ = 6 strips of 4 1/2
        assertThat(plan.length()).isEqualTo(Length.ofInches(27));
        assertThat(plan.isProved()).isTrue();
    }

    @Test
    void usable_width_turns_the_plan_around() {
        List<LaidPiece> pieces = List.of(piece("A", "3 1/2", "13 1/2", 24, true));

        // at 40: all one way 12 strips of 3 1/2 or 3 of 13 1/2; two of 13 1/2 hold 22, one of 3 1/2 the other two. At 41: 8 of 3 1/2
        assertThat(checked(CutRequest.of(FORTY, pieces)).length()).isEqualTo(Length.ofInches(61, 2));
        assertThat(checked(CutRequest.of(Length.ofInches(41), pieces)).length()).isEqualTo(Length.ofInches(28));
    }

    @Test
    void pieces_stand_one_above_the_other_in_the_rest_of_a_tall_strip() {
        CutPlan plan = checked(CutRequest.of(FORTY, List.of(piece("A", "30", "10", 1, false), piece("B", "10", "5", 2, false))));

        assertThat(plan.length()).isEqualTo(Length.ofInches(10));
        assertThat(plan.strips()).hasSize(1);
    }

    @Test
    void two_kits_together_take_less_than_twice_one() {
        // 3 of 13: one kit takes a strip and leaves 1 in; 2 of 19 1/2: one strip with 1 in; 1 of 20: half a strip.
        List<LaidPiece> one = List.of(piece("A", "20", "5", 1, false), piece("B", "19 1/2", "5", 2, false));
        List<LaidPiece> two = List.of(piece("A", "20", "5", 2, false), piece("B", "19 1/2", "5", 4, false));

        assertThat(checked(CutRequest.of(FORTY, one)).length()).isEqualTo(Length.ofInches(10));
        assertThat(checked(CutRequest.of(FORTY, two)).length()).isEqualTo(Length.ofInches(15));
    }

    @Test
    void settled_strips_lend_what_they_leave_of_the_width() {
        CutRequest request = new CutRequest(
                FORTY, List.of(piece("A", "6", "6", 10, false)),
                List.of(new FixedStrip("border", Length.ofInches(24), Length.ofInches(60), 1)),
                List.of(), Optional.empty());

        // beside 24 in there are 16 in: two squares wide, ten high
        assertThat(checked(request).length()).isEqualTo(Length.ofInches(60));
    }

    @Test
    void joined_strips_take_ends_of_other_strips_where_that_saves_one() {
        // 86 in of 2 1/2 in straight with joins of 1/2: alone ⌈85 1/2 ÷ 39 1/2⌉ = 3 strips. A leaves an end of 15 in.
        JoinedStrip border = new JoinedStrip("border", Length.ofInches(5, 2), Length.ofInches(86), Length.ofInches(1, 2));
        CutRequest request = new CutRequest(FORTY, List.of(piece("A", "25", "3", 1, false)), List.of(), List.of(border), Optional.empty());

        CutPlan plan = checked(request);

        // 2 strips and 7 in of the end: 40 + 40 + 7 - 2 joins = 86
        assertThat(plan.length()).isEqualTo(Length.ofInches(8));
        assertThat(plan.stripsWith("border").flatMap(strip -> strip.pieces().stream()).filter(piece -> piece.id().equals("border"))
                .map(CutStrip.PlacedPiece::width)).containsExactlyInAnyOrder(FORTY, Length.ofInches(7));
    }

    @Test
    void pieces_come_from_the_end_of_the_last_joined_strip() {
        // 50 in: two strips, the second used for 10 1/2; two pieces of 14 in the same height come from it
        JoinedStrip border = new JoinedStrip("border", Length.ofInches(5, 2), Length.ofInches(50), Length.ofInches(1, 2));
        CutRequest request = new CutRequest(FORTY, List.of(piece("A", "14", "2 1/2", 2, false)), List.of(), List.of(border),
                Optional.empty());

        assertThat(checked(request).length()).isEqualTo(Length.ofInches(5));
    }

    @Test
    void no_strip_holds_more_sizes_than_it_may() {
        List<LaidPiece> pieces = List.of(
                piece("A", "11", "4", 3, false), piece("B", "9", "4", 3, false), piece("C", "8", "4", 3, false),
                piece("D", "12", "4", 3, false));

        CutPlan plan = checked(new CutRequest(FORTY, pieces, List.of(), List.of(), Optional.of(2)));

        assertThat(plan.strips()).allSatisfy(strip -> assertThat(strip.counts().size()).isLessThanOrEqualTo(2));
    }

    @Test
    void hundred_thousand_pieces_are_planned() {
        CutPlan plan = checked(
                CutRequest.of(FORTY, List.of(piece("A", "2 1/2", "2 1/2", 60_000, false), piece("B", "4 1/2", "2 1/2", 40_000, true))));

        // 16 a strip would take 3,750 and 8 a strip 5,000; mixed strips waste no inch: (150,000 + 180,000) ÷ 40 = 8,250 strips
        assertThat(plan.length()).isEqualTo(Length.ofInches(8_250 * 5L, 2));
    }

    @Test
    void sizes_in_millimetres_and_inches_on_one_cloth_are_planned() {
        CutPlan plan = checked(CutRequest.of(FORTY, List.of(
                new LaidPiece("A", Length.ofMillimetres(127), Length.ofMillimetres(63), 20, true), piece("B", "20", "3 1/3", 7, false))));

        assertThat(plan.length()).isLessThanOrEqualTo(worksheet(Length.ofInches(40), List.of(
                new LaidPiece("A", Length.ofMillimetres(127), Length.ofMillimetres(63), 20, true), piece("B", "20", "3 1/3", 7, false))));
    }

    @Test
    void piece_wider_than_the_cloth_is_refused() {
        assertThatThrownBy(() -> CutRequest.of(FORTY, List.of(piece("A", "40 1/8", "41", 1, true))))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("'A'");
    }

    @Property(tries = 150)
    void every_plan_holds_and_is_no_longer_than_each_size_alone(@ForAll("requests") CutRequest request) {
        CutPlan plan = checked(request);

        assertThat(plan.length()).isLessThanOrEqualTo(worksheet(request.usableWidth(), request.pieces()));
        assertThat(plan).isEqualTo(planner.plan(request));
    }

    @Property(tries = 80)
    void plans_with_settled_and_joined_strips_hold_and_take_no_more_than_each_alone(@ForAll("mixedRequests") CutRequest request) {
        CutPlan plan = checked(request);

        Length alone = worksheet(request.usableWidth(), request.pieces());
        for (FixedStrip strip : request.fixed()) {
            alone = alone.plus(strip.height().times(strip.count()));
        }
        for (JoinedStrip strip : request.joined()) {
            long reach = strip.length().ticks() - strip.join().ticks();
            long each = request.usableWidth().ticks() - strip.join().ticks();
            alone = alone.plus(strip.height().times(Math.max(1, (reach + each - 1) / each)));
        }
        assertThat(plan.length()).isLessThanOrEqualTo(alone);
    }

    @Property(tries = 60)
    void no_way_of_laying_few_pieces_side_by_side_is_shorter(@ForAll("fewPieces") List<LaidPiece> pieces) {
        CutPlan plan = checked(CutRequest.of(FORTY, pieces));

        assertThat(plan.length()).isLessThanOrEqualTo(new SideBySide(FORTY, pieces).shortest());
    }

    @Provide
    Arbitrary<CutRequest> requests() {
        return Combinators.combine(
                Arbitraries.integers().between(38, 44), pieces(40).list().ofMinSize(1).ofMaxSize(7), Arbitraries.integers().between(0, 3))
                .as((width, pieces, most) -> new CutRequest(
                        Length.ofInches(width), numbered(pieces), List.of(), List.of(), most == 0 ? Optional.empty() : Optional.of(most)));
    }

    @Provide
    Arbitrary<CutRequest> mixedRequests() {
        Arbitrary<Integer> halves = Arbitraries.integers().between(4, 70);
        Arbitrary<FixedStrip> fixed = Combinators.combine(halves, halves, Arbitraries.integers().between(1, 4))
                .as((width, height, count) -> new FixedStrip("", Length.ofInches(width, 2), Length.ofInches(height, 2), count));
        Arbitrary<JoinedStrip> joined = Combinators
                .combine(Arbitraries.integers().between(3, 12), Arbitraries.integers().between(10, 400), Arbitraries.of(true, false))
                .as((height, length, slanted) -> new JoinedStrip(
                        "", Length.ofInches(height, 2), Length.ofInches(length),
                        slanted ? Length.ofInches(height, 2) : Length.ofInches(1, 2)));
        return Combinators.combine(pieces(20).list().ofMaxSize(4), fixed.list().ofMaxSize(2), joined.list().ofMaxSize(2))
                .as((pieces, strips, joins) -> {
                    List<FixedStrip> settled = new ArrayList<>();
                    strips.forEach(one -> settled.add(new FixedStrip("F" + settled.size(), one.width(), one.height(), one.count())));
                    List<JoinedStrip> joint = new ArrayList<>();
                    joins.forEach(one -> joint.add(new JoinedStrip("J" + joint.size(), one.height(), one.length(), one.join())));
                    return new CutRequest(FORTY, numbered(pieces), settled, joint, Optional.empty());
                });
    }

    @Provide
    Arbitrary<List<LaidPiece>> fewPieces() {
        return pieces(1).list().ofMinSize(1).ofMaxSize(6).map(CutPlannerTest::numbered);
    }

    private static Arbitrary<LaidPiece> pieces(int most) {
        Arbitrary<Integer> halves = Arbitraries.integers().between(3, 60);
        return Combinators.combine(halves, halves, Arbitraries.integers().between(1, most), Arbitraries.of(true, false))
                .as((width, height, count, turn) -> new LaidPiece("", Length.ofInches(width, 2), Length.ofInches(height, 2), count, turn));
    }

    private static List<LaidPiece> numbered(List<LaidPiece> pieces) {
        List<LaidPiece> numbered = new ArrayList<>();
        pieces.forEach(piece -> numbered.add(
                new LaidPiece("P" + numbered.size(), piece.width(), piece.height(), piece.count(), piece.mayTurn())));
        return numbered;
    }

    private static Length worksheet(Length usableWidth, List<LaidPiece> pieces) {
        Length length = Length.ZERO;
        for (LaidPiece piece : pieces) {
            Length upright = alone(usableWidth, piece.width(), piece.height(), piece.count());
            Length turned = piece.mayTurn() ? alone(usableWidth, piece.height(), piece.width(), piece.count()) : upright;
            length = length.plus(turned.isShorterThan(upright) ? turned : upright);
        }
        return length;
    }

    private static Length alone(Length usableWidth, Length width, Length height, int count) {
        long perStrip = usableWidth.wholeTimes(width).value();
        return perStrip == 0 ? Length.ofInches(1_000_000) : height.times((count + perStrip - 1) / perStrip);
    }

    private CutPlan checked(CutRequest request) {
        CutPlan plan = planner.plan(request);
        assertThat(CutPlanCheck.faults(request, plan)).isEmpty();
        return plan;
    }

    private static LaidPiece piece(String id, String width, String height, int count, boolean mayTurn) {
        return new LaidPiece(id, Length.parse(width + " in"), Length.parse(height + " in"), count, mayTurn);
    }

    /** Tries every way to put single pieces side by side into strips. */
    private record SideBySide(Length usableWidth, List<LaidPiece> pieces) {

        Length shortest() {
            return shortest(0, new ArrayList<>(), new ArrayList<>());
        }

        private Length shortest(int next, List<Length> widths, List<Length> heights) {
            if (next == pieces.size()) {
                return heights.stream().reduce(Length.ZERO, Length::plus);
            }
            LaidPiece piece = pieces.get(next);
            Length best = Length.ofInches(1_000_000);
            for (boolean turned : piece.mayTurn() ? new boolean[] {false, true} : new boolean[] {false}) {
                Length width = turned ? piece.height() : piece.width();
                Length height = turned ? piece.width() : piece.height();
                for (int strip = 0; strip <= widths.size(); strip++) {
                    List<Length> wider = new ArrayList<>(widths);
                    List<Length> higher = new ArrayList<>(heights);
                    if (strip == widths.size()) {
                        wider.add(Length.ZERO);
                        higher.add(Length.ZERO);
                    }
                    wider.set(strip, wider.get(strip).plus(width));
                    higher.set(strip, higher.get(strip).atLeast(height));
                    if (!wider.get(strip).isLongerThan(usableWidth)) {
                        Length length = shortest(next + 1, wider, higher);
                        best = length.isShorterThan(best) ? length : best;
                    }
                }
            }
            return best;
        }
    }
}
