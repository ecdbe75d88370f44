package retazo.core.bolt;

import retazo.core.measure.Length;

/**
 * A bolt that can be cut from.
 *
 * @param id          unique in the request
 * @param free        what is left and not reserved for anything else; zero or more
 * @param usableWidth its own
 * @param started     whether something was cut from it before
 * @param tolerance   by how much it may be shorter than it is said to be: so much is not planned with; zero or more
 */
public record BoltStock(String id, Length free, Length usableWidth, boolean started, Length tolerance) {

    /** A bolt that is as long as it is said to be. */
    public BoltStock(String id, Length free, Length usableWidth, boolean started) {
        this(id, free, usableWidth, started, Length.ZERO);
    }

    public BoltStock {
        if (free.isNegative()) {
            throw new IllegalArgumentException("Bolt '" + id + "' has less than nothing free: " + free + ".");
        }
        if (tolerance.isNegative()) {
            throw new IllegalArgumentException("Bolt '" + id + "' has a tolerance below nothing: " + tolerance + ".");
        }
    }

    /** What cuts may be planned on: what is free without the tolerance, never below zero. */
    public Length toPlan() {
        return free.minus(tolerance).atLeast(Length.ZERO);
    }

    /** The same bolt with so much free. */
    public BoltStock withFree(Length length) {
        return new BoltStock(id, length, usableWidth, started, tolerance);
    }
}
