package retazo.core.cutting.strip;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import retazo.core.measure.Length;

/**
 * What no plan of the planner's kind can be shorter than.
 *
 * <p>Settled strips as they are; for all else the relaxation's bound, in which a joined strip may be cut into crumbs, rounded up to
 * the next sum of strip heights that can occur. Where the cells are too coarse for that, the area over the width.
 */
final class LengthBound {

    /** Joined strips break into crumbs no wider than this. */
    private static final long WIDEST_CRUMB = Length.TICKS_PER_INCH / 2;
    private static final int TALLEST_STEP = 400_000;

    private LengthBound() {
    }

    static Length of(CutRequest request) {
        List<LaidPiece> pieces = new ArrayList<>(request.pieces());
        Length crumb = crumb(request);
        request.joined().forEach(joined -> crumbs(joined, request.usableWidth(), crumb).ifPresent(pieces::add));
        if (pieces.isEmpty()) {
            return settled(request);
        }
        CutRequest broken = new CutRequest(request.usableWidth(), pieces, request.fixed(), List.of(), Optional.empty());
        return of(broken, StripRelaxation.of(broken));
    }

    /** @param request with pieces, without joined strips */
    static Length of(CutRequest request, StripRelaxation relaxation) {
        StripCells cells = relaxation.cells();
        long ticks = cells.stacks() ? relaxed(request, cells, relaxation) : area(request).ticks();
        return settled(request).plus(new Length(nextSum(ticks, cells, tallestAlone(request))));
    }

    private static Length settled(CutRequest request) {
        return request.fixed().stream().map(strip -> strip.height().times(strip.count())).reduce(Length.ZERO, Length::plus);
    }

    /** So wide that whole crumbs fill every rest beside pieces: a part of what measures all of them and the usable width. */
    private static Length crumb(CutRequest request) {
        long measure = request.usableWidth().ticks();
        for (LaidPiece piece : request.pieces()) {
            measure = StripCells.gcd(measure, piece.width().ticks());
            measure = piece.mayTurn() ? StripCells.gcd(measure, piece.height().ticks()) : measure;
        }
        long parts = -Math.floorDiv(-measure, WIDEST_CRUMB);
        while (measure % parts != 0) {
            parts++;
        }
        return new Length(measure / parts);
    }

    /** As many crumbs as the strip is long at least, its joins included: k strips have k − 1 of them. */
    private static Optional<LaidPiece> crumbs(JoinedStrip joined, Length usableWidth, Length crumb) {
        long fewest = joined.length().partsToCover(usableWidth).value();
        long count = joined.length().plus(joined.join().times(fewest - 1)).wholeTimes(crumb).value();
        return count == 0
                ? Optional.empty()
                : Optional.of(new LaidPiece(joined.id(), crumb, joined.height(), Math.toIntExact(count), false));
    }

    private static long relaxed(CutRequest request, StripCells cells, StripRelaxation relaxation) {
        relaxation.bound(request.fixed().stream()
                .map(strip -> new StripRelaxation.Free(
                        cells.wholeBeside(strip.width()), cells.wholeAlong(strip.height()), strip.count()))
                .toList());
        return relaxation.boundTicks();
    }

    /** Area beside settled strips is free. */
    private static Length area(CutRequest request) {
        BigInteger width = BigInteger.valueOf(request.usableWidth().ticks());
        BigInteger area = request.pieces().stream()
                .map(piece -> area(piece.width(), piece.height(), piece.count())).reduce(BigInteger.ZERO, BigInteger::add);
        BigInteger free = request.fixed().stream()
                .map(strip -> area(request.usableWidth().minus(strip.width()), strip.height(), strip.count()))
                .reduce(BigInteger.ZERO, BigInteger::add);
        return new Length(area.subtract(free).max(BigInteger.ZERO).add(width).subtract(BigInteger.ONE).divide(width).longValueExact());
    }

    private static BigInteger area(Length width, Length height, int count) {
        return BigInteger.valueOf(width.ticks()).multiply(BigInteger.valueOf(height.ticks())).multiply(BigInteger.valueOf(count));
    }

    /** Without anything settled some strip is as high as the piece that needs the most, the better way round. */
    private static long tallestAlone(CutRequest request) {
        return request.fixed().isEmpty()
                ? request.pieces().stream().mapToLong(piece -> lying(piece, request.usableWidth()).min().orElse(0)).max().orElse(0)
                : 0;
    }

    private static LongStream lying(LaidPiece piece, Length usableWidth) {
        return Stream.of(piece.height(), piece.width())
                .filter(height -> height.equals(piece.height())
                        ? !piece.width().isLongerThan(usableWidth)
                        : piece.mayTurn() && !piece.height().isLongerThan(usableWidth))
                .mapToLong(Length::ticks);
    }

    /** The least sum of strip heights that reaches this length, one of them at least so high. */
    private static long nextSum(long ticks, StripCells cells, long tallest) {
        long unit = cells.along(1).ticks();
        long least = Math.max(ticks, tallest);
        long cellsNeeded = -Math.floorDiv(-least, unit);
        if (cells.heights()[0] > TALLEST_STEP || cellsNeeded == 0) {
            return least;
        }
        return new HeightSums(cells.heights()).atLeast(cellsNeeded) * unit;
    }
}
