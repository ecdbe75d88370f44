package retazo.app.buying;

import java.time.LocalDate;
import java.util.Optional;
import retazo.core.measure.Length;

/**
 * What the buyer keeps of a fabric.
 *
 * @param point      below which it is ordered; empty for what its busiest weeks say
 * @param bolt       how long its bolts come; empty for what its supplier's usually are
 * @param lastOrders the last day on which it can be ordered; empty while nothing is known to end it
 */
public record FabricTerms(long fabricId, Optional<Length> point, Optional<Length> bolt, Optional<LocalDate> lastOrders) {

    public static FabricTerms none(long fabricId) {
        return new FabricTerms(fabricId, Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** Whether it cannot be ordered any more. */
    public boolean isGone(LocalDate today) {
        return lastOrders.map(day -> day.isBefore(today)).orElse(false);
    }
}
