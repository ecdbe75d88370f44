package retazo.core.bolt.search;

/**
 * The cut sets of a fabric's bolts that are worth most at given prices of lengths: for every bolt the knapsack of its length, from one
 * table over all lengths up to the longest bolt, {@code worth(c) = max over s of worth(c − length s) + price s}. Prices are whole, so
 * that the worth is exact.
 */
final class PricedSets {

    private final FabricUnits fabric;
    private final long[] worth;
    private final byte[] last;

    /** @param prices of a length of each group, zero or more */
    PricedSets(FabricUnits fabric, long[] prices) {
        this.fabric = fabric;
        int longest = fabric.longestBolt();
        this.worth = new long[longest + 1];
        this.last = new byte[longest + 1];
        int[] lengths = fabric.lengths();
        for (int at = 0; at <= longest; at++) {
            long best = at == 0 ? 0 : worth[at - 1];
            byte cut = -1;
            for (byte group = 0; group < lengths.length; group++) {
                int length = lengths[group];
                if (length > 0 && length <= at && prices[group] > 0 && worth[at - length] + prices[group] > best) {
                    best = worth[at - length] + prices[group];
                    cut = group;
                }
            }
            worth[at] = best;
            last[at] = cut;
        }
    }

    /** What all bolts together are worth. */
    long worth() {
        long sum = 0;
        for (int bolt : fabric.bolts()) {
            sum += worth[bolt];
        }
        return sum;
    }

    /** How many lengths of each group those sets give. */
    int[] supply() {
        int[] supply = new int[fabric.lengths().length];
        for (int bolt : fabric.bolts()) {
            int at = bolt;
            while (at > 0) {
                if (last[at] < 0) {
                    at--;
                } else {
                    supply[last[at]]++;
                    at -= fabric.lengths()[last[at]];
                }
            }
        }
        return supply;
    }
}
