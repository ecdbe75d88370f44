package retazo.core.cutting.strip;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import retazo.core.measure.Length;

/**
 * What is to be cut from one cloth, as rectangles: the question to a {@link CutPlanner}.
 *
 * @param usableWidth of the cloth, above zero
 * @param pieces      that may lie anywhere
 * @param fixed       strips whose number is settled
 * @param joined      strips sewn of several
 * @param mostSizes   the most different pieces that are cut from one strip; empty for any number
 */
public record CutRequest(
        Length usableWidth, List<LaidPiece> pieces, List<FixedStrip> fixed, List<JoinedStrip> joined, Optional<Integer> mostSizes) {

    /**
     * @throws IllegalArgumentException if something is wider than the cloth, two have one id, or no size may be on a strip
     */
    public CutRequest {
        pieces = List.copyOf(pieces);
        fixed = List.copyOf(fixed);
        joined = List.copyOf(joined);
        Set<String> ids = new HashSet<>();
        Stream.of(pieces.stream().map(LaidPiece::id), fixed.stream().map(FixedStrip::id), joined.stream().map(JoinedStrip::id))
                .flatMap(all -> all)
                .filter(id -> !ids.add(id))
                .forEach(id -> {
                    throw new IllegalArgumentException("Two pieces are called '" + id + "'.");
                });
        for (LaidPiece piece : pieces) {
            if (!piece.fits(usableWidth)) {
                throw new IllegalArgumentException("The piece '" + piece.id() + "' is wider than the cloth (" + usableWidth + ").");
            }
        }
        for (FixedStrip strip : fixed) {
            if (strip.width().isLongerThan(usableWidth)) {
                throw new IllegalArgumentException("The strip '" + strip.id() + "' is wider than the cloth (" + usableWidth + ").");
            }
        }
        for (JoinedStrip strip : joined) {
            if (!strip.join().isShorterThan(usableWidth)) {
                throw new IllegalArgumentException(
                        "A join of '" + strip.id() + "' takes more than the cloth is wide (" + usableWidth + ").");
            }
        }
        if (mostSizes.isPresent() && mostSizes.get() < 1) {
            throw new IllegalArgumentException("No strip may hold " + mostSizes.get() + " sizes.");
        }
    }

    /** All of it so many times; strips that are joined become one long strip that is cut apart again. */
    public CutRequest times(int kits) {
        return new CutRequest(
                usableWidth,
                pieces.stream().map(piece -> piece.times(Math.multiplyExact(piece.count(), kits))).toList(),
                fixed.stream()
                        .map(strip -> new FixedStrip(strip.id(), strip.width(), strip.height(), Math.multiplyExact(strip.count(), kits)))
                        .toList(),
                joined.stream().map(strip -> new JoinedStrip(strip.id(), strip.height(), strip.length().times(kits), strip.join()))
                        .toList(),
                mostSizes);
    }

    /** Only pieces, as many sizes to a strip as it takes. */
    public static CutRequest of(Length usableWidth, List<LaidPiece> pieces) {
        return new CutRequest(usableWidth, pieces, List.of(), List.of(), Optional.empty());
    }
}
