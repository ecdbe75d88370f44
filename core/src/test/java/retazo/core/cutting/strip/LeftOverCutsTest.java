package retazo.core.cutting.strip;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import retazo.core.measure.Length;

class LeftOverCutsTest {

    /**
     * A binding of 150 in from strips of 2 1/4, joined at 2 1/4, on 40: four strips. A left-over 30 × 5 gives two parts of 30, each
     * worth 27 3/4 of the 147 3/4 that are to be reached: 92 1/4 are left, a strip of 94 1/2.
     */
    @Test
    void parts_of_a_joined_strip_come_from_a_left_over_with_their_joins() {
        CutRequest request = new CutRequest(
                Length.ofInches(40), List.of(), List.of(),
                List.of(new JoinedStrip("binding", inches("2 1/4"), Length.ofInches(150), inches("2 1/4"))),
                Optional.empty());

        List<LeftOverCuts.Way> ways = LeftOverCuts.ways(request, new LeftOver("L-1", Length.ofInches(30), Length.ofInches(5), 1), false);

        assertThat(ways).singleElement().satisfies(way -> {
            assertThat(way.cut().pieces()).extracting(piece -> piece.width().toString()).containsExactly("30 in", "30 in");
            assertThat(way.rest().joined()).extracting(JoinedStrip::length).containsExactly(inches("94 1/2"));
        });
    }

    @Test
    void an_end_that_is_too_short_to_be_worth_a_join_gives_none() {
        CutRequest request = new CutRequest(
                Length.ofInches(40), List.of(), List.of(),
                List.of(new JoinedStrip("binding", inches("2 1/4"), Length.ofInches(150), inches("2 1/4"))),
                Optional.empty());

        assertThat(LeftOverCuts.ways(request, new LeftOver("L-1", inches("9 1/2"), Length.ofInches(5), 1), false)).isEmpty();
    }

    /** 10 × 4 gives a piece of 4 × 9 only when it lies turned. */
    @Test
    void a_left_over_is_turned_only_where_the_cloth_may_be() {
        CutRequest request = CutRequest.of(Length.ofInches(40),
                List.of(new LaidPiece("A1", Length.ofInches(4), Length.ofInches(9), 2, false)));
        LeftOver end = new LeftOver("L-1", Length.ofInches(10), Length.ofInches(4), 1);

        assertThat(LeftOverCuts.ways(request, end, false)).isEmpty();
        assertThat(LeftOverCuts.ways(request, end, true)).singleElement().satisfies(way -> assertThat(way.cut().pieces()).hasSize(1));
    }

    @Property(tries = 300)
    void every_way_is_cut_apart_from_edge_to_edge_and_with_the_rest_is_all_that_was_asked_for(@ForAll long seed) {
        Random random = new Random(seed);
        CutRequest request = request(random);
        LeftOver leftOver = new LeftOver("L-1", Length.ofInches(4 + random.nextInt(150), 4), Length.ofInches(4 + random.nextInt(150), 4),
                1);

        for (LeftOverCuts.Way way : LeftOverCuts.ways(request, leftOver, random.nextBoolean())) {
            assertThat(way.cut().pieces()).isNotEmpty();
            assertThat(CutPlanCheck.faultsOfLeftOver(request, way.rest(), way.cut())).isEmpty();
        }
    }

    @Test
    void a_piece_that_is_given_twice_or_hangs_over_is_found() {
        CutRequest request = CutRequest.of(Length.ofInches(40),
                List.of(new LaidPiece("A1", Length.ofInches(4), Length.ofInches(4), 3, false)));
        CutRequest one = CutRequest.of(Length.ofInches(40), List.of(new LaidPiece("A1", Length.ofInches(4), Length.ofInches(4), 2, false)));
        LeftOver leftOver = new LeftOver("L-1", Length.ofInches(6), Length.ofInches(4), 1);
        CutStrip.PlacedPiece first = new CutStrip.PlacedPiece("A1", Length.ZERO, Length.ZERO, Length.ofInches(4), Length.ofInches(4),
                false);
        CutStrip.PlacedPiece over = new CutStrip.PlacedPiece("A1", Length.ofInches(4), Length.ZERO, Length.ofInches(4), Length.ofInches(4),
                false);

        assertThat(CutPlanCheck.faultsOfLeftOver(request, one, new LeftOver.Cut(leftOver, List.of(first)))).isEmpty();
        assertThat(CutPlanCheck.faultsOfLeftOver(request, request, new LeftOver.Cut(leftOver, List.of(first)))).singleElement().asString()
                .contains("there are 4");
        assertThat(CutPlanCheck.faultsOfLeftOver(request, one, new LeftOver.Cut(leftOver, List.of(over)))).singleElement().asString()
                .contains("Outside");
    }

    private static CutRequest request(Random random) {
        List<LaidPiece> pieces = new ArrayList<>();
        for (int i = random.nextInt(5); i >= 0; i--) {
            pieces.add(new LaidPiece(
                    "A" + i, Length.ofInches(4 + random.nextInt(60), 4), Length.ofInches(4 + random.nextInt(60), 4), 1 + random.nextInt(30),
                    random.nextBoolean()));
        }
        List<FixedStrip> fixed = random.nextBoolean()
                ? List.of(new FixedStrip("set", Length.ofInches(20 + random.nextInt(20)), Length.ofInches(2), 1 + random.nextInt(4)))
                : List.of();
        List<JoinedStrip> joined = random.nextBoolean()
                ? List.of(new JoinedStrip("binding", inches("2 1/4"), Length.ofInches(60 + random.nextInt(300)), inches("2 1/4")))
                : List.of();
        return new CutRequest(Length.ofInches(40), pieces, fixed, joined, Optional.empty());
    }

    private static Length inches(String text) {
        return Length.parse(text + " in");
    }
}
