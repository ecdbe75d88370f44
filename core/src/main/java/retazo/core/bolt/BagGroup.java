package retazo.core.bolt;

import java.util.Map;
import java.util.TreeMap;
import retazo.core.measure.Length;

/**
 * Bags that take the same lengths.
 *
 * @param name     unique in the request
 * @param quantity how many are asked for; zero or more
 * @param lengths  by fabric code, each above zero; a fabric that is missing is not needed
 */
public record BagGroup(String name, int quantity, Map<String, Length> lengths) {

    public BagGroup {
        lengths = java.util.Collections.unmodifiableMap(new TreeMap<>(lengths));
        if (quantity < 0 || lengths.values().stream().anyMatch(length -> !length.isPositive())) {
            throw new IllegalArgumentException("Group '" + name + "' asks for " + quantity + " bags of " + lengths + ".");
        }
    }
}
