package retazo.core.packet;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

import retazo.core.cutting.ClothBatch;
import retazo.core.cutting.ClothPart;
import retazo.core.cutting.LaidCloth;
import retazo.core.cutting.strip.CutStrip;
import retazo.core.kit.Need;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.precut.CutDiagram;
import retazo.core.precut.SheetPlan;

/**
 * Strips or sheets that are cut alike, in stacks.
 *
 * @param key    the same for the same cut, whatever else is planned
 * @param kind   what is stacked
 * @param layers how many lie in a full stack, 1 or more
 * @param all    how many strips or sheets are cut, 1 or more
 * @param height of a strip along the cloth; of a sheet zero
 * @param gives  how many pieces of each name one strip or sheet gives: labels, or the plan's name of long strips
 * @param pieces the keys of the pieces that come from it
 */
public record StackStep(
        String key, Kind kind, int layers, int all, Length height, Map<String, Integer> gives, Set<String> pieces) {

    /** What lies in a stack. */
    public enum Kind {
        STRIP,
        SHEET
    }

    public StackStep {
        gives = new LinkedHashMap<>(gives);
        pieces = Set.copyOf(pieces);
    }

    /** ⌈all ÷ layers⌉ */
    public long stacks() {
        return stacks(all);
    }

    /** In how many stacks so many lie. */
    public long stacks(int strips) {
        return new Count(strips).inGroupsOf(new Count(layers)).value();
    }

    /** The steps by which the pieces of bags are cut from one cloth: strips first, the tallest before the others as they were planned. */
    public static List<StackStep> of(ClothBatch batch) {
        Map<String, StackStep> steps = new LinkedHashMap<>();
        for (LaidCloth.Strip strip : batch.laid().strips()) {
            add(steps, ofStrip(batch, strip));
        }
        return List.copyOf(steps.values());
    }

    private static StackStep ofStrip(ClothBatch batch, LaidCloth.Strip strip) {
        CutStrip cut = strip.cut();
        Map<String, Integer> gives = new LinkedHashMap<>();
        Set<String> pieces = new LinkedHashSet<>();
        batch.laid().partsOf(strip).forEach((part, count) -> {
            gives.merge(name(part), count, Integer::sum);
            pieces.addAll(part.labels().isEmpty() ? List.of(part.id()) : part.labels());
        });
        String key = "strip " + cut.height().ticks() + " " + cut.pieces().stream()
                .map(piece -> piece.id().trim() + "@" + piece.x().ticks() + "," + piece.y().ticks() + "," + piece.width().ticks())
                .collect(Collectors.joining(" "));
        return new StackStep(key, Kind.STRIP, batch.layers(), cut.times(), cut.height(), gives, pieces);
    }

    private static String name(ClothPart part) {
        return part.labels().isEmpty() ? part.id() : String.join(", ", part.labels());
    }

    /**
     * The steps by which sheets are cut for some bags: one for each diagram, and one for each piece of which the pattern says the number.
     */
    public static List<StackStep> of(Need.Amount.Units units, int bags, int layers) {
        Map<String, StackStep> steps = new LinkedHashMap<>();
        units.plan().ifPresent(plan -> of(plan, bags, layers).forEach(step -> add(steps, step)));
        units.pieces().stream().filter(piece -> piece.laid().isEmpty()).forEach(piece -> add(steps, new StackStep(
                "sheet " + piece.need().label() + " " + piece.perSheet(), Kind.SHEET, layers,
                Math.multiplyExact(Math.toIntExact(piece.sheets()), bags), Length.ZERO, Map.of(piece.need().label(), piece.perSheet()),
                Set.of(piece.need().label()))));
        return List.copyOf(steps.values());
    }

    /** The steps by which sheets are cut by diagrams. */
    public static List<StackStep> of(SheetPlan plan, int bags, int layers) {
        List<StackStep> steps = new ArrayList<>();
        for (SheetPlan.Cut cut : plan.cuts()) {
            CutDiagram diagram = cut.diagram();
            String key = "sheet " + diagram.pieces().stream()
                    .map(piece -> piece.id() + "@" + piece.x().ticks() + "," + piece.y().ticks() + "," + piece.width().ticks())
                    .collect(Collectors.joining(" "));
            steps.add(new StackStep(
                    key, Kind.SHEET, layers, Math.multiplyExact(cut.times(), bags), Length.ZERO, diagram.counts(),
                    diagram.counts().keySet()));
        }
        return steps;
    }

    /** Strips that are cut alike are one step, wherever they lie on the cloth. */
    private static void add(Map<String, StackStep> steps, StackStep step) {
        steps.merge(step.key(), step, (one, other) -> new StackStep(
                one.key(), one.kind(), one.layers(), one.all() + other.all(), one.height(), one.gives(), one.pieces()));
    }
}
