package retazo.core.cutting;

import java.util.LinkedHashMap;
import java.util.Map;

/** The plans found last, so that a page that is asked for again does not plan again. To forget them changes no answer. */
public final class PlanMemory {

    /** Shared by all who plan in this process. */
    static final PlanMemory SHARED = new PlanMemory(1_000);

    private final Map<CutRequest, CutPlan> plans;

    PlanMemory(int most) {
        this.plans = new LinkedHashMap<>(16, 0.75f, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<CutRequest, CutPlan> eldest) {
                return size() > most;
            }
        };
    }

    /** The plan for a request, found before or now. */
    CutPlan plan(CutRequest request, CutPlanner planner) {
        synchronized (plans) {
            CutPlan known = plans.get(request);
            if (known != null) {
                return known;
            }
        }
        CutPlan found = planner.plan(request);
        synchronized (plans) {
            plans.put(request, found);
        }
        return found;
    }

    /** Lets every plan be found anew: for whoever measures how long that takes. */
    public static void forget() {
        synchronized (SHARED.plans) {
            SHARED.plans.clear();
        }
    }
}
