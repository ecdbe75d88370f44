package retazo.core.cutting.strip;

/**
 * Who is asked for the plan of a cloth: {@link CutPlanner}, or one that keeps what that found. The same request gives the same plan.
 */
@FunctionalInterface
public interface CutPlans {

    /** The plan for a request; each has one. */
    CutPlan plan(CutRequest request);
}
