package retazo.core.cutting;

import java.util.ArrayList;
import java.util.List;

/**
 * The shortest way to lay a few pieces side by side, found by trying all: each piece either way round on each strip begun or on a new
 * one, as long as the strips are shorter together than the best so far.
 */
final class FewPieces {

    /** More are not tried out: of eight there are 4,140 ways to part them, each piece two ways round. */
    static final int MOST = 8;

    private final StripCells cells;
    private final List<Integer> pieces = new ArrayList<>();
    private final int mostSizes;
    private long best = Long.MAX_VALUE;
    private List<List<StripCells.Way>> bestStrips = List.of();

    /** @param needed no more than {@link #MOST} in all */
    FewPieces(StripCells cells, int[] needed, int mostSizes) {
        this.cells = cells;
        this.mostSizes = mostSizes;
        for (int piece = 0; piece < needed.length; piece++) {
            for (int i = 0; i < needed[piece]; i++) {
                pieces.add(piece);
            }
        }
    }

    List<StripPattern> shortest() {
        lay(0, new ArrayList<>());
        return bestStrips.stream().map(this::pattern).toList();
    }

    private void lay(int next, List<List<StripCells.Way>> strips) {
        long along = strips.stream().mapToLong(FewPieces::along).sum();
        if (along >= best) {
            return;
        }
        if (next == pieces.size()) {
            best = along;
            bestStrips = strips.stream().map(List::copyOf).toList();
            return;
        }
        for (StripCells.Way way : cells.ways()) {
            if (way.piece() == pieces.get(next)) {
                for (List<StripCells.Way> strip : List.copyOf(strips)) {
                    if (across(strip) + way.across() <= cells.width() && isAllowed(strip, way)) {
                        strip.add(way);
                        lay(next + 1, strips);
                        strip.remove(strip.size() - 1);
                    }
                }
                strips.add(new ArrayList<>(List.of(way)));
                lay(next + 1, strips);
                strips.remove(strips.size() - 1);
            }
        }
    }

    private boolean isAllowed(List<StripCells.Way> strip, StripCells.Way way) {
        return strip.stream().map(StripCells.Way::piece).filter(piece -> piece != way.piece()).distinct().count() < mostSizes;
    }

    private static int along(List<StripCells.Way> strip) {
        return strip.stream().mapToInt(StripCells.Way::along).max().orElse(0);
    }

    private static int across(List<StripCells.Way> strip) {
        return strip.stream().mapToInt(StripCells.Way::across).sum();
    }

    private StripPattern pattern(List<StripCells.Way> ways) {
        return StripPattern.sideBySide(cells.heightFor(along(ways)), ways, cells);
    }
}
