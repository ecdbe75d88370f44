package retazo.core.precut;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import retazo.core.cutting.strip.CutStrip;
import retazo.core.cutting.strip.CutStrip.PlacedPiece;

/**
 * How one sheet is cut: where its pieces lie, so that straight cuts from edge to edge free them.
 *
 * @param pieces places from the upper left corner
 */
public record CutDiagram(List<PlacedPiece> pieces) {

    public CutDiagram {
        pieces = List.copyOf(pieces);
    }

    /** How many pieces of each id. */
    public Map<String, Integer> counts() {
        Map<String, Integer> counts = new LinkedHashMap<>();
        pieces.forEach(piece -> counts.merge(piece.id(), 1, Integer::sum));
        return counts;
    }
}
