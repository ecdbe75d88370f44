package retazo.core.precut;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import retazo.core.cutting.CutPiece;
import retazo.core.cutting.FewestPatterns;
import retazo.core.measure.Length;

/** Works out how many whole sets one sheet gives, and by which diagram. */
public final class SheetPlanner {

    /** What pinked edges and a sheet that is not true may take. */
    private static final Length SHORT_BY = Length.ofInches(1, 4);

    /**
     * The most whole sets from one sheet.
     *
     * @param sets       0 if the set does not fit
     * @param diagram    how they are cut, where they fit
     * @param needsAll   whether a sheet smaller by a quarter of an inch both ways gives fewer
     */
    public record SetsPerSheet(int sets, Optional<CutDiagram> diagram, boolean needsAll) {
    }

    /** The most whole sets that straight cuts get from one sheet, and whether it has to give its full measure for that. */
    public SetsPerSheet setsPerSheet(SheetRequest request) {
        SetsPerSheet most = most(request);
        Length shorter = request.width().isShorterThan(request.height()) ? request.width() : request.height();
        boolean needsAll = most.sets() > 0
                && (!shorter.isLongerThan(SHORT_BY) || most(request.smallerBy(SHORT_BY)).sets() < most.sets());
        return new SetsPerSheet(most.sets(), most.diagram(), needsAll);
    }

    /**
     * The fewest sheets for all pieces together, cut by as many different diagrams as it takes; pieces of one set may come from several
     * sheets.
     *
     * @param request with the pieces of all sets
     * @return empty if a piece does not fit the sheet
     */
    public Optional<SheetPlan> fewest(SheetRequest request) {
        SheetCuts cuts = new SheetCuts(request, SheetCuts.mostOfEach(request));
        List<int[]> patterns = cuts.fullest().stream().filter(counts -> Arrays.stream(counts).sum() > 0).toList();
        int[] needed = request.set().stream().mapToInt(CutPiece::count).toArray();
        for (int kind = 0; kind < needed.length; kind++) {
            int wanted = kind;
            if (patterns.stream().noneMatch(counts -> counts[wanted] > 0)) {
                return Optional.empty();
            }
        }
        FewestPatterns.Choice choice = FewestPatterns.choose(patterns, needed);
        List<SheetPlan.Cut> diagrams = new ArrayList<>();
        for (int i = 0; i < patterns.size(); i++) {
            if (choice.times().get(i) > 0) {
                diagrams.add(new SheetPlan.Cut(cuts.diagram(patterns.get(i)).orElseThrow(), choice.times().get(i)));
            }
        }
        diagrams.sort(Comparator.comparing(SheetPlan.Cut::times).reversed());
        return Optional.of(new SheetPlan(request, diagrams, choice.bound()));
    }

    private static SetsPerSheet most(SheetRequest request) {
        int limit = SheetCuts.mostSets(request);
        if (limit > 0) {
            SheetCuts cuts = new SheetCuts(request, limit);
            for (int sets = limit; sets > 0; sets--) {
                Optional<CutDiagram> diagram = cuts.sets(sets);
                if (diagram.isPresent()) {
                    return new SetsPerSheet(sets, diagram, false);
                }
            }
        }
        return new SetsPerSheet(0, Optional.empty(), false);
    }
}
