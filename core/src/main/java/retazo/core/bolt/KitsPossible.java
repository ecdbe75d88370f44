package retazo.core.bolt;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import retazo.core.kit.BillOfMaterials;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/**
 * How many bags of one kit the stock gives, and what stops the next one.
 *
 * @param bagsByCode for how many bags each fabric, precut or copy is enough; of a fabric the cuts that really fit, bolt by
 *                   bolt: three bolts of 1.9 yd give three cuts of 1 yd, not five
 * @param bags       the least of them
 * @param stoppedBy  what there is not enough of for one bag more
 */
public record KitsPossible(Map<String, Count> bagsByCode, Count bags, List<String> stoppedBy) {

    public KitsPossible {
        bagsByCode = java.util.Collections.unmodifiableMap(new TreeMap<>(bagsByCode));
        stoppedBy = List.copyOf(stoppedBy);
    }

    /**
     * Counts for every line of a bill, which has one or more.
     *
     * @param bolts by fabric code; a fabric that is missing has none
     * @param free  what can be picked, by code; what is missing is not there
     */
    public static KitsPossible of(BillOfMaterials bill, Map<String, List<BoltStock>> bolts, Map<String, Count> free) {
        Map<String, Count> possible = new TreeMap<>();
        bill.lengths().forEach((code, length) -> possible.put(code, cuts(bolts.getOrDefault(code, List.of()), length)));
        bill.picked().forEach((code, each) -> possible.put(code, new Count(free.getOrDefault(code, new Count(0)).value() / each.value())));
        return of(possible);
    }

    private static KitsPossible of(Map<String, Count> possible) {
        Count bags = possible.values().stream().min(Count::compareTo)
                .orElseThrow(() -> new IllegalArgumentException("A bag that takes nothing can be made without end."));
        List<String> stoppedBy = possible.entrySet().stream().filter(entry -> entry.getValue().equals(bags)).map(Map.Entry::getKey)
                .toList();
        return new KitsPossible(possible, bags, stoppedBy);
    }

    /**
     * What one bolt more of each fabric that stops the next bag would free.
     *
     * @param lengths of one bag by fabric code, as in its bill
     * @param bolts   how long such a bolt is, by the same codes; a fabric that is missing gets none
     */
    public KitsPossible withBolts(Map<String, Length> lengths, Map<String, Length> bolts) {
        Map<String, Count> more = new TreeMap<>(bagsByCode);
        stoppedBy.stream().filter(code -> lengths.containsKey(code) && bolts.containsKey(code)).forEach(code -> more.merge(
                code, new Count(requireNonNull(bolts.get(code)).ticks() / requireNonNull(lengths.get(code)).ticks()), Count::plus));
        return of(more);
    }

    /** The whole cuts of a length that bolts give, each bolt by itself. */
    public static Count cuts(List<BoltStock> bolts, Length length) {
        return bolts.stream().map(bolt -> bolt.toPlan().wholeTimes(length)).reduce(new Count(0), Count::plus);
    }
}
