package retazo.core.cutting.strip;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import retazo.core.measure.Length;

/**
 * How strips sewn of several are laid: across the whole width, and with ends of other strips where that saves one.
 *
 * <p>k parts of a₁ … aₖ with joins of j give Σ aᵢ − (k − 1)·j, so that Σ (aᵢ − j) has to reach L − j.
 */
public final class JoinedStrips {

    /** A part shorter than this share of the usable width is not worth the join. */
    private static final int LEAST_SHARE = 4;

    private JoinedStrips() {
    }

    /** Whether a part of this length is worth the join. */
    public static boolean isWorthAJoin(Length part, Length usableWidth) {
        return !part.times(LEAST_SHARE).isShorterThan(usableWidth);
    }

    /** How many whole strips it takes: ⌈(L − j) ÷ (U − j)⌉, one at least. */
    public static int alone(JoinedStrip joined, Length usableWidth) {
        return (int) Math.max(1, joined.length().minus(joined.join()).partsToCover(usableWidth.minus(joined.join())).value());
    }

    /** As strips whose number is settled: all but the last whole, the last as far as it is used. */
    static List<FixedStrip> settled(JoinedStrip joined, Length usableWidth) {
        int strips = alone(joined, usableWidth);
        Length last = lastPart(joined, usableWidth, strips);
        List<FixedStrip> settled = new ArrayList<>();
        if (strips > 1) {
            settled.add(new FixedStrip(joined.id(), usableWidth, joined.height(), strips - 1));
        }
        settled.add(new FixedStrip(joined.id() + LAST, last, joined.height(), 1));
        return settled;
    }

    /** Ending of the id of a last part while it is settled apart. */
    static final String LAST = "/last";

    private static Length lastPart(JoinedStrip joined, Length usableWidth, int strips) {
        Length whole = usableWidth.minus(joined.join()).times(strips - 1);
        return joined.length().minus(joined.join()).minus(whole).plus(joined.join()).atLeast(new Length(1));
    }

    /** Somewhere at the end of a strip where a part can come from. */
    private record End(int strip, CutStrip.Rest rest) {
        Length width() {
            return rest.width();
        }
    }

    /** Adds its strips to those that are laid, fewer where ends of those serve. */
    static void fillUp(List<CutStrip> strips, JoinedStrip joined, Length usableWidth) {
        int whole = alone(joined, usableWidth);
        List<End> used = new ArrayList<>();
        List<End> ends = ends(strips, joined, usableWidth);
        for (int fewer = whole - 1; fewer >= 0; fewer--) {
            Optional<List<End>> enough = enough(ends, missing(joined, usableWidth, fewer), joined.join());
            if (enough.isEmpty()) {
                break;
            }
            whole = fewer;
            used = enough.get();
        }
        Length missing = missing(joined, usableWidth, whole);
        for (End end : used) {
            Length part = end.width().isLongerThan(missing.plus(joined.join())) ? missing.plus(joined.join()) : end.width();
            place(strips, end, part, joined);
            missing = missing.minus(part.minus(joined.join()));
        }
        addWhole(strips, joined, usableWidth, whole, used.isEmpty());
    }

    /** What whole strips leave of L − j. */
    private static Length missing(JoinedStrip joined, Length usableWidth, int whole) {
        return joined.length().minus(joined.join()).minus(usableWidth.minus(joined.join()).times(whole));
    }

    private static void addWhole(List<CutStrip> strips, JoinedStrip joined, Length usableWidth, int whole, boolean alone) {
        if (alone) {
            settled(joined, usableWidth).forEach(settled -> strips.add(renamed(StripAssembly.settled(settled, usableWidth), joined.id())));
        } else if (whole > 0) {
            strips.add(StripAssembly.settled(new FixedStrip(joined.id(), usableWidth, joined.height(), whole), usableWidth));
        }
    }

    /** With the last part under the id of its strip again. */
    static CutStrip renamed(CutStrip strip, String id) {
        return new CutStrip(
                strip.times(), strip.height(),
                strip.pieces().stream()
                        .map(piece -> piece.id().equals(id + LAST)
                                ? new CutStrip.PlacedPiece(id, piece.x(), piece.y(), piece.width(), piece.height(), piece.turned())
                                : piece)
                        .toList(),
                strip.rests());
    }

    /** One end of each strip, the widest first. */
    private static List<End> ends(List<CutStrip> strips, JoinedStrip joined, Length usableWidth) {
        List<End> ends = new ArrayList<>();
        for (int strip = 0; strip < strips.size(); strip++) {
            int at = strip;
            strips.get(strip).rests().stream()
                    .filter(rest -> !rest.height().isShorterThan(joined.height())
                            && isWorthAJoin(rest.width(), usableWidth) && rest.width().isLongerThan(joined.join()))
                    .max(Comparator.comparing(CutStrip.Rest::width))
                    .ifPresent(rest -> ends.addAll(Collections.nCopies(strips.get(at).times(), new End(at, rest))));
        }
        ends.sort(Comparator.comparing(End::width).reversed());
        return ends;
    }

    /** The fewest ends that give what is missing. */
    private static Optional<List<End>> enough(List<End> ends, Length missing, Length join) {
        List<End> taken = new ArrayList<>();
        Length rest = missing;
        for (End end : ends) {
            if (!rest.isPositive()) {
                break;
            }
            taken.add(end);
            rest = rest.minus(end.width().minus(join));
        }
        return rest.isPositive() ? Optional.empty() : Optional.of(taken);
    }

    /** Puts a part onto one of the strips; those cut alike that stay without it are kept apart. */
    private static void place(List<CutStrip> strips, End end, Length part, JoinedStrip joined) {
        CutStrip strip = strips.get(end.strip());
        CutStrip.Rest rest = end.rest();
        if (strip.times() > 1) {
            strips.set(end.strip(), new CutStrip(strip.times() - 1, strip.height(), strip.pieces(), strip.rests()));
        }
        List<CutStrip.PlacedPiece> pieces = new ArrayList<>(strip.pieces());
        pieces.add(new CutStrip.PlacedPiece(joined.id(), rest.x(), rest.y(), part, joined.height(), false));
        List<CutStrip.Rest> rests = new ArrayList<>(strip.rests());
        rests.remove(rest);
        Length below = rest.height().minus(joined.height());
        if (below.isPositive()) {
            rests.add(new CutStrip.Rest(rest.x(), rest.y().plus(joined.height()), rest.width(), below));
        }
        if (part.isShorterThan(rest.width())) {
            rests.add(new CutStrip.Rest(rest.x().plus(part), rest.y(), rest.width().minus(part), joined.height()));
        }
        CutStrip with = new CutStrip(1, strip.height(), pieces, rests);
        if (strip.times() > 1) {
            strips.add(with);
        } else {
            strips.set(end.strip(), with);
        }
    }
}
