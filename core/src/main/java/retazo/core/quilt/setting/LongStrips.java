package retazo.core.quilt.setting;

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
public final class LongStrips {

    private LongStrips() {
    }

    /**
     * Strips joined to one length and cut apart again: n strips give n·U − (n − 1)·j, so n = ⌈(L − j) ÷ (U − j)⌉.
     *
     * @param join   what one join costs, less than the usable width: two seams if straight, the strip's width if diagonal
     */
    public static Figure<Count> joined(String key, Label label, Figure<Length> length, Figure<Length> join, Figure<Length> usableWidth) {
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

    /** More pieces than this are laid longest first, each into the first strip that has room. */
    private static final int TRIED_OUT = 8;

    /**
     * The fewest strips that hold all pieces uncut, by trying every distribution of up to eight pieces; of more pieces of
     * one length, as many to a strip as fit; else longest first into the first strip with room, which may take one more.
     * Absent if a piece is wider than the cloth.
     */
    static Optional<Count> uncut(List<Length> pieces, Length usableWidth) {
        if (pieces.stream().anyMatch(piece -> piece.isLongerThan(usableWidth))) {
            return Optional.empty();
        }
        List<Length> longestFirst = new ArrayList<>(pieces);
        longestFirst.sort(Comparator.reverseOrder());
        return Optional.of(new Count(pieces.size() <= TRIED_OUT
                ? fewest(longestFirst, 0, new ArrayList<>(), usableWidth)
                : firstFit(longestFirst, usableWidth)));
    }

    /** First fit decreasing; for pieces of one length it is the fewest. */
    private static int firstFit(List<Length> longestFirst, Length usableWidth) {
        List<Length> rests = new ArrayList<>();
        for (Length piece : longestFirst) {
            int strip = 0;
            while (strip < rests.size() && piece.isLongerThan(rests.get(strip))) {
                strip++;
            }
            if (strip == rests.size()) {
                rests.add(usableWidth);
            }
            rests.set(strip, rests.get(strip).minus(piece));
        }
        return rests.size();
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
