package retazo.core.bolt;

import retazo.core.measure.Length;

/**
 * A bolt that can be cut from.
 *
 * @param id          unique in the request
 * @param free        what is left and not reserved for anything else; zero or more
 * @param usableWidth its own
 * @param started     whether something was cut from it before
 */
public record BoltStock(String id, Length free, Length usableWidth, boolean started) {

    public BoltStock {
        if (free.isNegative()) {
            throw new IllegalArgumentException("Bolt '" + id + "' has less than nothing free: " + free + ".");
        }
    }
}
