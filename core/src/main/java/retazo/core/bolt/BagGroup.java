package retazo.core.bolt;

import java.util.Map;
import java.util.TreeMap;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/**
 * Bags that take the same lengths.
 *
 * @param name     unique in the request
 * @param quantity how many are asked for; zero or more
 * @param lengths  by fabric code, each above zero; a fabric that is missing is not needed
 * @param picked   how many a bag takes of counted goods, by code, each above zero
 * @param turn     groups of a lower number come first where bags are planned by priority
 */
public record BagGroup(String name, int quantity, Map<String, Length> lengths, Map<String, Count> picked, int turn) {

    public BagGroup {
        lengths = java.util.Collections.unmodifiableMap(new TreeMap<>(lengths));
        picked = java.util.Collections.unmodifiableMap(new TreeMap<>(picked));
        if (quantity < 0 || lengths.values().stream().anyMatch(length -> !length.isPositive())
                || picked.values().stream().anyMatch(count -> count.value() == 0)) {
            throw new IllegalArgumentException("Group '" + name + "' asks for " + quantity + " bags of " + lengths + ", " + picked + ".");
        }
    }

    /** Bags that take lengths alone, no group before the other. */
    public BagGroup(String name, int quantity, Map<String, Length> lengths) {
        this(name, quantity, lengths, Map.of(), 0);
    }
}
