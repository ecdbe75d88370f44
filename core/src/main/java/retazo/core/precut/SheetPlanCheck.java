package retazo.core.precut;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import retazo.core.cutting.strip.CutPlan;
import retazo.core.cutting.strip.CutPlanCheck;
import retazo.core.cutting.strip.CutRequest;
import retazo.core.cutting.strip.CutStrip;
import retazo.core.cutting.strip.LaidPiece;
import retazo.core.measure.Length;

/**
 * Proves a plan of sheets from its request alone: every piece is there often enough, and each diagram lies inside its sheet, without
 * overlap, by straight cuts from edge to edge, no piece turned that may not be. A diagram is to that one strip of a cloth as wide as the
 * sheet, so the check of cutting plans says whether it can be cut.
 */
public final class SheetPlanCheck {

    private SheetPlanCheck() {
    }

    /** What is wrong with a plan, in words for who mends it; empty for a good one. */
    public static List<String> faults(SheetPlan plan) {
        List<String> faults = new ArrayList<>();
        for (LaidPiece piece : plan.request().set()) {
            long cut = plan.cuts().stream().mapToLong(one -> (long) one.times() * one.diagram().counts().getOrDefault(piece.id(), 0)).sum();
            if (cut < piece.count()) {
                faults.add("Of '" + piece.id() + "' " + cut + " are cut where " + piece.count() + " are needed");
            }
        }
        plan.cuts().forEach(cut -> faults.addAll(faults(plan.request(), cut.diagram())));
        if (plan.bound() > plan.sheets()) {
            faults.add("The bound " + plan.bound() + " is above the " + plan.sheets() + " sheets");
        }
        return faults;
    }

    private static List<String> faults(SheetRequest request, CutDiagram diagram) {
        List<LaidPiece> there = request.set().stream()
                .filter(piece -> diagram.counts().containsKey(piece.id()))
                .map(piece -> new LaidPiece(piece.id(), piece.width(), piece.height(), requireNonNull(diagram.counts().get(piece.id())),
                        piece.mayTurn()))
                .toList();
        CutPlan asStrip = new CutPlan(List.of(new CutStrip(1, request.height(), diagram.pieces(), List.of())), Length.ZERO);
        return CutPlanCheck.faults(CutRequest.of(request.width(), there), asStrip);
    }
}
