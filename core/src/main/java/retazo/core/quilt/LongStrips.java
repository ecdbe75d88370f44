package retazo.core.quilt;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Operation;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/** How many strips across the cloth make long pieces, joined or uncut. */
final class LongStrips {

    private LongStrips() {
    }

    /**
     * Strips joined to one length and cut apart again: n strips give n·U − (n − 1)·j, so n = ⌈(L − j) ÷ (U − j)⌉.
     *
     * @param join   what one join costs, less than the usable width: two seams if straight, the strip's width if diagonal
     */
    static Figure<Count> joined(String key, Label label, Figure<Length> length, Figure<Length> join, Figure<Length> usableWidth) {
        return Arithmetic.formula(
                key,
                label,
                Operation.JOINED_STRIPS,
                List.of(length, join, usableWidth),
                () -> atLeastOne(length.value().minus(join.value()).partsToCover(usableWidth.value().minus(join.value()))));
    }

    /** A length no longer than a join still takes a strip. */
    private static Count atLeastOne(Count strips) {
        return strips.compareTo(Count.ONE) < 0 ? Count.ONE : strips;
    }

    /**
     * The fewest strips that hold all pieces uncut, by trying every distribution; absent if a piece is wider than the
     * cloth.
     *
     * @param pieces up to eight; the work grows with their factorial
     */
    static Optional<Count> uncut(List<Length> pieces, Length usableWidth) {
        if (pieces.stream().anyMatch(piece -> piece.isLongerThan(usableWidth))) {
            return Optional.empty();
        }
        List<Length> longestFirst = new ArrayList<>(pieces);
        longestFirst.sort(Comparator.reverseOrder());
        return Optional.of(new Count(fewest(longestFirst, 0, new ArrayList<>(), usableWidth)));
    }

    private static int fewest(List<Length> pieces, int next, List<Length> rests, Length usableWidth) {
        if (next == pieces.size()) {
            return rests.size();
        }
        Length piece = pieces.get(next);
        List<Length> opened = new ArrayList<>(rests);
        opened.add(usableWidth.minus(piece));
        int best = fewest(pieces, next + 1, opened, usableWidth);
        for (int strip = 0; strip < rests.size(); strip++) {
            if (!piece.isLongerThan(rests.get(strip))) {
                List<Length> filled = new ArrayList<>(rests);
                filled.set(strip, rests.get(strip).minus(piece));
                best = Math.min(best, fewest(pieces, next + 1, filled, usableWidth));
            }
        }
        return best;
    }
}
