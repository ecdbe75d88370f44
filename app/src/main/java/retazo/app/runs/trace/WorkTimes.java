package retazo.app.runs.trace;

import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How long steps take, from the times at which they were recorded: a step took as long as it was since the same person's step before.
 * After a pause of more than a quarter of an hour that is not known, nor for the first one; what is known stands for the others.
 */
final class WorkTimes {

    private static final Duration LONGEST_STEP = Duration.ofMinutes(15);

    private WorkTimes() {
    }

    /** Somebody recorded a step. */
    record Recorded(long personId, Instant at) {
    }

    /**
     * The time of one step on average, to be multiplied by how many there are.
     *
     * @param inOrder by time
     * @return empty where it is known of no step
     */
    static Optional<Duration> eachStep(List<Recorded> inOrder) {
        Map<Long, Instant> before = new HashMap<>();
        Duration sum = Duration.ZERO;
        int known = 0;
        for (Recorded step : inOrder) {
            Optional<Duration> since = Optional.ofNullable(before.put(step.personId(), step.at()))
                    .map(last -> Duration.between(last, step.at())).filter(time -> time.compareTo(LONGEST_STEP) <= 0);
            if (since.isPresent()) {
                sum = sum.plus(since.get());
                known++;
            }
        }
        return known == 0 ? Optional.empty() : Optional.of(sum.dividedBy(known));
    }

    /** The same for one of so many bags that these steps made. */
    static Optional<Duration> eachBag(List<Recorded> inOrder, long bags) {
        return bags == 0 ? Optional.empty() : eachStep(inOrder).map(each -> each.multipliedBy(inOrder.size()).dividedBy(bags));
    }
}
