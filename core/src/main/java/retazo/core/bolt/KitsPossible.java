package retazo.core.bolt;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/**
 * How many bags of one kit the stock gives, and what stops the next one.
 *
 * @param cutsByFabric the cuts that really fit, bolt by bolt: three bolts of 1.9 yd give three cuts of 1 yd, not five
 * @param bags         the least of them
 * @param stoppedBy    the fabrics that have no cut for one bag more
 */
public record KitsPossible(Map<String, Count> cutsByFabric, Count bags, List<String> stoppedBy) {

    public KitsPossible {
        cutsByFabric = java.util.Collections.unmodifiableMap(new TreeMap<>(cutsByFabric));
        stoppedBy = List.copyOf(stoppedBy);
    }

    /**
     * Counts the cuts of every fabric.
     *
     * @param lengths what one bag takes, by fabric code; one or more
     * @param bolts   by fabric code; a fabric that is missing has none
     */
    public static KitsPossible of(Map<String, Length> lengths, Map<String, List<BoltStock>> bolts) {
        Map<String, Count> cuts = new TreeMap<>();
        lengths.forEach((code, length) -> cuts.put(code, cuts(bolts.getOrDefault(code, List.of()), length)));
        Count bags = cuts.values().stream().min(Count::compareTo)
                .orElseThrow(() -> new IllegalArgumentException("A bag that takes nothing can be made without end."));
        List<String> stoppedBy =
                cuts.entrySet().stream().filter(entry -> entry.getValue().equals(bags)).map(Map.Entry::getKey).toList();
        return new KitsPossible(cuts, bags, stoppedBy);
    }

    /** The whole cuts of a length that bolts give, each bolt by itself. */
    public static Count cuts(List<BoltStock> bolts, Length length) {
        return bolts.stream().map(bolt -> bolt.free().wholeTimes(length)).reduce(new Count(0), Count::plus);
    }
}
