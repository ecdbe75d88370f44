package retazo.app.runs.progress;

import java.time.Clock;
import java.time.Duration;
import java.util.Collection;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How much kits are asked for: what was sold of late, and what is under way. */
@Service
public class KitDemand {

    /** What was sold is told by the week, over so many of them. */
    private static final int WEEKS = 4;

    private final KitDemandRepository demand;
    private final Clock clock;

    KitDemand(KitDemandRepository demand, Clock clock) {
        this.demand = demand;
        this.clock = clock;
    }

    /**
     * Of one kit.
     *
     * @param soldInWeeks bags sold in the last {@link #weeks} weeks
     * @param underWay    bags that are planned, begun or open, and not packed
     */
    public record Demand(int soldInWeeks, int underWay) {

        public static final Demand NONE = new Demand(0, 0);
    }

    /** Over how many weeks it is told what was sold. */
    public int weeks() {
        return WEEKS;
    }

    /** By kit; kits that nobody asks for are absent. */
    @Transactional(readOnly = true)
    public Map<Long, Demand> of(Collection<Long> kitIds) {
        return demand.of(kitIds, clock.instant().minus(Duration.ofDays(7L * WEEKS))).stream().collect(Collectors.toMap(
                KitDemandRepository.OfKit::getKitId, one -> new Demand(one.getSold(), one.getUnderWay())));
    }
}
