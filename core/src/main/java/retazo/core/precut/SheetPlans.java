package retazo.core.precut;

import java.util.Optional;

/**
 * Who is asked how pieces are cut from sheets: {@link SheetPlanner}, or one that keeps what that found. The same request gives the same
 * plan.
 */
public interface SheetPlans {

    /**
     * The fewest sheets for all pieces together, cut by as many different diagrams as it takes; pieces of one set may come from several
     * sheets. Every plan given is proved by {@link SheetPlanCheck}.
     *
     * @param request with the pieces of all sets
     * @return empty if a piece does not fit the sheet
     */
    Optional<SheetPlan> fewest(SheetRequest request);

    /**
     * The most whole sets that straight cuts get from one sheet, and whether it has to give its full measure for that.
     *
     * @param request with the pieces of one set
     */
    SetsPerSheet setsPerSheet(SheetRequest request);
}
