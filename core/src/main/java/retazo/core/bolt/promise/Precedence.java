package retazo.core.bolt.promise;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.Optional;

/**
 * Whose cloth comes first where there is not enough for all: a bag that is begun, then the priority of its run, then the day on which the
 * run is needed (one without a day last), then the order in which runs were confirmed. What comes first compares as less.
 *
 * @param begun     whether something of the bag is cut
 * @param confirmed when its run was
 * @param run       of two runs confirmed at one instant the lower number is the earlier
 */
public record Precedence(boolean begun, Priority priority, Optional<LocalDate> neededOn, Instant confirmed, long run)
        implements
            Comparable<Precedence> {

    private static final Comparator<Precedence> FIRST = Comparator.comparing((Precedence one) -> !one.begun())
            .thenComparing(Precedence::priority)
            .thenComparing(one -> one.neededOn().orElse(LocalDate.MAX))
            .thenComparing(Precedence::confirmed)
            .thenComparing(Precedence::run);

    @Override
    public int compareTo(Precedence other) {
        return FIRST.compare(this, other);
    }

    public boolean comesBefore(Precedence other) {
        return compareTo(other) < 0;
    }
}
