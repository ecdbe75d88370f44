package retazo.core.bolt.search;

import java.util.Optional;
import java.util.function.BooleanSupplier;

import retazo.core.bolt.BoltPlan;
import retazo.core.bolt.BoltRequest;

/** Goes on where a plan was answered that does not reach its bound. */
public final class LongerSearch {

    private LongerSearch() {
    }

    /**
     * A plan with more bags.
     *
     * @param than   how many bags there are already
     * @param goesOn asked now and then, at least every few hundred milliseconds; the search ends where it says no
     * @return empty where none was found in that time
     */
    public static Optional<BoltPlan> moreThan(BoltRequest request, int than, BooleanSupplier goesOn) {
        return new BoundedBoltPlanner(request, Effort.beside(goesOn)).moreThan(than);
    }
}
