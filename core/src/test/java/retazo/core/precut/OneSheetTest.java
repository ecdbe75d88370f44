package retazo.core.precut;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import retazo.core.cutting.strip.LaidPiece;
import retazo.core.measure.Length;

/** Whether pieces come out of one sheet, against trying every straight cut at every inch. */
class OneSheetTest {

    /** A piece of whole inches. */
    private record Piece(int width, int height, boolean mayTurn) {
    }

    @Property(tries = 250)
    void pieces_take_one_sheet_exactly_where_some_straight_cuts_free_them_all(@ForAll("few") List<Piece> pieces) {
        SheetPlan plan = new SheetPlanner().fewest(request(pieces)).orElseThrow();

        assertThat(plan.sheets() == 1).as(pieces.toString()).isEqualTo(new EveryCut().frees(8, 7, pieces));
    }

    /** Two of 5 × 3, two of 3 × 5 and a middle of 2 × 2 fill 8 × 8 like the blades of a mill, which no straight cut takes apart. */
    @Test
    void pieces_that_lie_like_the_blades_of_a_mill_do_not_come_out_of_one_sheet() {
        List<Piece> mill = List.of(
                new Piece(5, 3, false), new Piece(5, 3, false), new Piece(3, 5, false), new Piece(3, 5, false), new Piece(2, 2, false));

        assertThat(new EveryCut().frees(8, 8, mill)).isFalse();
        assertThat(new SheetPlanner().fewest(new SheetRequest(Length.ofInches(8), Length.ofInches(8), set(mill))).orElseThrow().sheets())
                .isEqualTo(2);
    }

    @Provide
    Arbitrary<List<Piece>> few() {
        return Combinators.combine(Arbitraries.integers().between(1, 7), Arbitraries.integers().between(1, 7), Arbitraries.of(true, false))
                .as(Piece::new).list().ofMinSize(2).ofMaxSize(5);
    }

    private static SheetRequest request(List<Piece> pieces) {
        return new SheetRequest(Length.ofInches(8), Length.ofInches(7), set(pieces));
    }

    private static List<LaidPiece> set(List<Piece> pieces) {
        List<LaidPiece> set = new ArrayList<>();
        for (Piece piece : pieces) {
            set.add(new LaidPiece("P" + set.size(), Length.ofInches(piece.width()), Length.ofInches(piece.height()), 1, piece.mayTurn()));
        }
        return set;
    }

    /** Cuts a sheet at every inch, across and along, and shares the pieces out in every way. */
    private static final class EveryCut {

        private final Map<List<Object>, Boolean> known = new HashMap<>();

        boolean frees(int width, int height, List<Piece> pieces) {
            if (pieces.isEmpty()) {
                return true;
            }
            int area = pieces.stream().mapToInt(piece -> piece.width() * piece.height()).sum();
            if (area > width * height) {
                return false;
            }
            List<Object> key = List.of(width, height, pieces);
            Boolean answer = known.get(key);
            if (answer == null) {
                answer = isWhole(width, height, pieces) || cuts(width, height, pieces);
                known.put(key, answer);
            }
            return answer;
        }

        private static boolean isWhole(int width, int height, List<Piece> pieces) {
            Piece one = pieces.get(0);
            return pieces.size() == 1
                    && (one.width() <= width && one.height() <= height || one.mayTurn() && one.height() <= width && one.width() <= height);
        }

        private boolean cuts(int width, int height, List<Piece> pieces) {
            for (int shares = 1; shares < (1 << pieces.size()) - 1; shares++) {
                List<Piece> some = new ArrayList<>();
                List<Piece> others = new ArrayList<>();
                for (int i = 0; i < pieces.size(); i++) {
                    ((shares & 1 << i) == 0 ? others : some).add(pieces.get(i));
                }
                for (int at = 1; at < width; at++) {
                    if (frees(at, height, some) && frees(width - at, height, others)) {
                        return true;
                    }
                }
                for (int at = 1; at < height; at++) {
                    if (frees(width, at, some) && frees(width, height - at, others)) {
                        return true;
                    }
                }
            }
            return false;
        }
    }
}
