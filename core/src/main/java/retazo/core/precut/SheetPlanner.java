package retazo.core.precut;

import java.util.Optional;
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
