package retazo.core.cutting.strip;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import retazo.core.measure.Length;

/**
 * Strips across the cloth that are cut alike.
 *
 * @param times  how many, 1 or more
 * @param height along the cloth
 * @param pieces from the left selvedge to the right, from the cut edge down
 * @param rests  what is left of each
 */
public record CutStrip(int times, Length height, List<PlacedPiece> pieces, List<Rest> rests) {

    /**
     * A rectangle on a strip.
     *
     * @param x      from the left selvedge's usable edge
     * @param y      from the strip's upper edge
     * @param width  across the cloth as it lies
     * @param height along the cloth as it lies
     * @param turned whether it lies a quarter turned
     */
    public record PlacedPiece(String id, Length x, Length y, Length width, Length height, boolean turned) {
    }

    /** A rectangle of a strip that no piece takes, placed like a piece. */
    public record Rest(Length x, Length y, Length width, Length height) {
    }

    public CutStrip {
        pieces = List.copyOf(pieces);
        rests = List.copyOf(rests);
    }

    /**
     * Ids of which one strip gives an odd number. Cloth is cut folded once, selvedge to selvedge, so that pieces come in pairs;
     * for the last of
     * an odd number the fold is opened. A piece as wide as the cloth is not sub-cut and needs no second look.
     */
    public List<String> oddOnFold(Length usableWidth) {
        return counts().entrySet().stream()
                .filter(count -> count.getValue() % 2 > 0)
                .map(Map.Entry::getKey)
                .filter(id -> pieces.stream().anyMatch(piece -> piece.id().equals(id) && piece.width().isShorterThan(usableWidth)))
                .toList();
    }

    /** How many pieces of each id one strip gives, in the order in which they lie. */
    public Map<String, Integer> counts() {
        Map<String, Integer> counts = new LinkedHashMap<>();
        pieces.forEach(piece -> counts.merge(piece.id(), 1, Integer::sum));
        return counts;
    }
}
