package retazo.core.precut;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import retazo.core.cutting.strip.LaidPiece;

/**
 * Which sheets are cut by which diagram.
 *
 * @param request the sheet, and all pieces together
 * @param cuts    the diagram of most sheets first
 * @param bound   no choice of diagrams takes fewer sheets; by area alone where so many small pieces go into a sheet that not all
 *                diagrams were
 *                looked at
 */
public record SheetPlan(SheetRequest request, List<Cut> cuts, int bound) {

    /** So many sheets cut alike, 1 or more. */
    public record Cut(CutDiagram diagram, int times) {
    }

    public SheetPlan {
        cuts = List.copyOf(cuts);
    }

    /** How many sheets. */
    public int sheets() {
        return cuts.stream().mapToInt(Cut::times).sum();
    }

    /** Pieces that are cut beyond what is needed, by id; without those that come out even. */
    public Map<String, Integer> over() {
        Map<String, Integer> over = new LinkedHashMap<>();
        for (LaidPiece piece : request.set()) {
            int cut = cuts.stream().mapToInt(one -> one.times() * one.diagram().counts().getOrDefault(piece.id(), 0)).sum();
            if (cut > piece.count()) {
                over.put(piece.id(), cut - piece.count());
            }
        }
        return over;
    }
}
