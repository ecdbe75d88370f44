package retazo.core.cutting.strip;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import retazo.core.measure.Length;

/**
 * The pieces of a request in whole cells: across the cloth and along it, the greatest length that measures all of them. Where
 * that is too fine, the width is parted into as many cells as can be worked with, pieces are rounded up to them, and nothing is
 * stacked, so that what fits in cells fits the cloth.
 */
final class StripCells {

    /** Divisible by all numbers to ten, so that halves, thirds … of the width stay exact. */
    private static final int MOST_ACROSS = 5_040;
    private static final int MOST_ALONG = 2_520;

    /** A piece one way round: which, and how many cells across and along. */
    record Way(int piece, int across, int along, boolean turned) {
    }

    private final List<LaidPiece> pieces;
    private final long usable;
    private final int width;
    private final boolean exact;
    private final boolean stacks;
    private final long acrossUnit;
    private final long alongUnit;
    private final List<Way> ways = new ArrayList<>();
    private final int[] heights;
    private final int[] widths;

    StripCells(CutRequest request) {
        this.pieces = request.pieces();
        this.usable = request.usableWidth().ticks();
        this.acrossUnit = gcd(sides(true));
        long cells = usable / acrossUnit;
        this.exact = cells <= MOST_ACROSS;
        this.width = exact ? (int) cells : MOST_ACROSS;
        this.alongUnit = gcd(LongStream.concat(
                sides(false), request.fixed().stream().mapToLong(strip -> strip.height().ticks())));
        long tallest = Math.max(sides(false).max().orElse(1), 1);
        this.stacks = exact && tallest / alongUnit <= MOST_ALONG;
        for (int i = 0; i < pieces.size(); i++) {
            LaidPiece piece = pieces.get(i);
            add(i, piece.width().ticks(), piece.height().ticks(), false);
            if (piece.mayTurn() && !piece.width().equals(piece.height())) {
                add(i, piece.height().ticks(), piece.width().ticks(), true);
            }
        }
        this.heights = ways.stream().mapToInt(Way::along).distinct().sorted().toArray();
        this.widths = ways.stream().mapToInt(Way::across).distinct().sorted().toArray();
    }

    private LongStream sides(boolean across) {
        return pieces.stream().flatMapToLong(piece -> piece.mayTurn()
                ? LongStream.of(piece.width().ticks(), piece.height().ticks())
                : LongStream.of(across ? piece.width().ticks() : piece.height().ticks()));
    }

    private void add(int piece, long across, long along, boolean turned) {
        if (across <= usable) {
            long cells = exact ? across / acrossUnit : -Math.floorDiv(-across * width, usable);
            ways.add(new Way(piece, (int) cells, Math.toIntExact(along / alongUnit), turned));
        }
    }

    private static long gcd(LongStream lengths) {
        return Math.max(1, lengths.reduce(0, StripCells::gcd));
    }

    /** The greatest length that measures both. */
    static long gcd(long one, long other) {
        return other == 0 ? one : gcd(other, one % other);
    }

    int pieces() {
        return pieces.size();
    }

    LaidPiece piece(int index) {
        return pieces.get(index);
    }

    int[] counts() {
        return pieces.stream().mapToInt(LaidPiece::count).toArray();
    }

    /** Usable cells across. */
    int width() {
        return width;
    }

    /** Whether pieces may be laid one above the other in a strip. */
    boolean stacks() {
        return stacks;
    }

    List<Way> ways() {
        return ways;
    }

    /** All heights of pieces in cells, ascending; a strip is as high as one of them. */
    int[] heights() {
        return heights;
    }

    /** All widths of pieces in cells, ascending. */
    int[] widths() {
        return widths;
    }

    /** The least height of a piece that is this high or higher, as an index into {@link #heights}. */
    int heightFor(int cells) {
        return IntStream.range(0, heights.length).filter(i -> heights[i] >= cells).findFirst().orElseThrow();
    }

    Length along(int cells) {
        return new Length(alongUnit * cells);
    }

    /** The width of a piece as it lies. */
    Length across(Way way) {
        return way.turned() ? pieces.get(way.piece()).height() : pieces.get(way.piece()).width();
    }

    /** How many whole cells such a length has. */
    int wholeAlong(Length length) {
        return (int) Math.min(Integer.MAX_VALUE, length.ticks() / alongUnit);
    }

    /** How many whole cells of the width are left beside what is taken. */
    int wholeBeside(Length taken) {
        long left = usable - taken.ticks();
        return (int) (exact ? left / acrossUnit : left * width / usable);
    }
}
