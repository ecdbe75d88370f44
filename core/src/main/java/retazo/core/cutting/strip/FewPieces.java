package retazo.core.cutting.strip;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A shorter way to lay a few pieces side by side, found by trying: each piece either way round on each strip begun or on a new
 * one, taller pieces first, equal ones never in another order. A beginning is left where its strips, and as much cloth as the
 * other pieces need
 * beside what these leave, are no shorter than what is known. Steps are limited.
 */
final class FewPieces {

    /** More are not tried. */
    static final int MOST = 14;
    private static final int MOST_STEPS = 60_000;

    /** A strip begun. */
    private static final class Begun {
        private final List<StripCells.Way> ways = new ArrayList<>();
        private int across;
        private int along;
    }

    private final StripCells cells;
    private final List<Integer> pieces = new ArrayList<>();
    private final int mostSizes;
    private final List<Begun> strips = new ArrayList<>();
    private final long[] areaFrom;
    private long best;
    private int steps;
    private List<StripPattern> bestStrips = List.of();

    /**
     * @param needed no more than {@link #MOST} in all
     * @param known  only what is shorter than this, in cells, is of use
     */
    FewPieces(StripCells cells, int[] needed, long known, int mostSizes) {
        this.cells = cells;
        this.best = known;
        this.mostSizes = mostSizes;
        IntStream.range(0, needed.length).boxed()
                .sorted(Comparator.comparing((Integer piece) -> ways(piece).mapToInt(StripCells.Way::along).min().orElse(0)).reversed())
                .forEach(piece -> pieces.addAll(Collections.nCopies(needed[piece], piece)));
        this.areaFrom = new long[pieces.size() + 1];
        for (int i = pieces.size() - 1; i >= 0; i--) {
            StripCells.Way way = ways(pieces.get(i)).findFirst().orElseThrow();
            areaFrom[i] = areaFrom[i + 1] + (long) way.across() * way.along();
        }
    }

    private Stream<StripCells.Way> ways(int piece) {
        return cells.ways().stream().filter(way -> way.piece() == piece);
    }

    /** Empty if none was found. */
    List<StripPattern> shorter() {
        lay(0, 0, 0);
        return bestStrips;
    }

    /** @param from the strip on which the next piece may begin, if it equals the one before */
    private void lay(int next, int from, long along) {
        if (++steps > MOST_STEPS || along + missing(next) >= best) {
            return;
        }
        if (next == pieces.size()) {
            best = along;
            bestStrips = strips.stream().map(strip -> StripPattern.sideBySide(cells.heightFor(strip.along), strip.ways, cells)).toList();
            return;
        }
        ways(pieces.get(next)).forEach(way -> {
            for (int i = from; i < strips.size(); i++) {
                Begun strip = strips.get(i);
                if (strip.across + way.across() <= cells.width() && isAllowed(strip.ways, way)) {
                    int before = strip.along;
                    put(strip, way);
                    lay(next + 1, isSame(next) ? i : 0, along + strip.along - before);
                    take(strip, way, before);
                }
            }
            strips.add(new Begun());
            put(strips.get(strips.size() - 1), way);
            lay(next + 1, isSame(next) ? strips.size() - 1 : 0, along + way.along());
            strips.remove(strips.size() - 1);
        });
    }

    private static void put(Begun strip, StripCells.Way way) {
        strip.ways.add(way);
        strip.across += way.across();
        strip.along = Math.max(strip.along, way.along());
    }

    private static void take(Begun strip, StripCells.Way way, int along) {
        strip.ways.remove(strip.ways.size() - 1);
        strip.across -= way.across();
        strip.along = along;
    }

    private boolean isSame(int next) {
        return next + 1 < pieces.size() && pieces.get(next).equals(pieces.get(next + 1));
    }

    /** How much longer the cloth becomes at least: what does not fit beside the strips begun, spread over the whole width. */
    private long missing(int next) {
        long free = strips.stream().mapToLong(strip -> (long) (cells.width() - strip.across) * strip.along).sum();
        return -Math.floorDiv(-Math.max(0, areaFrom[next] - free), cells.width());
    }

    private boolean isAllowed(List<StripCells.Way> strip, StripCells.Way way) {
        return strip.stream().map(StripCells.Way::piece).filter(piece -> piece != way.piece()).distinct().count() < mostSizes;
    }
}
