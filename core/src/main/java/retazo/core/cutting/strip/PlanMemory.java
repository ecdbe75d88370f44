package retazo.core.cutting.strip;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Function;

/**
 * The plans found last, so that a page that is asked for again does not plan again. To forget them changes no answer.
 *
 * @param <Q> the question, whose equality decides whether a plan is known
 * @param <P> the plan, which must not change
 */
public final class PlanMemory<Q, P> {

    /** Shared by all who plan cloths in this process. */
    public static final PlanMemory<CutRequest, CutPlan> SHARED = new PlanMemory<>(1_000);

    private static final List<PlanMemory<?, ?>> ALL = new CopyOnWriteArrayList<>();

    static {
        ALL.add(SHARED);
    }

    private final Map<Q, P> plans;

    private PlanMemory(int most) {
        this.plans = new LinkedHashMap<>(16, 0.75f, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<Q, P> eldest) {
                return size() > most;
            }
        };
    }

    /** A memory of so many plans. */
    public static <Q, P> PlanMemory<Q, P> of(int most) {
        PlanMemory<Q, P> memory = new PlanMemory<>(most);
        ALL.add(memory);
        return memory;
    }

    /** The plan for a question, found before or now. */
    public P plan(Q question, Function<Q, P> planner) {
        synchronized (plans) {
            P known = plans.get(question);
            if (known != null) {
                return known;
            }
        }
        P found = planner.apply(question);
        synchronized (plans) {
            plans.put(question, found);
        }
        return found;
    }

    /** Lets every plan be found anew: for whoever measures how long that takes. */
    public static void forget() {
        ALL.forEach(memory -> {
            synchronized (memory.plans) {
                memory.plans.clear();
            }
        });
    }
}
