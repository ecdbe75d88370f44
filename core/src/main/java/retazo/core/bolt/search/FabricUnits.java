package retazo.core.bolt.search;

import retazo.core.bolt.BoltRequest;
import retazo.core.bolt.BoltStock;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

import retazo.core.measure.Length;

/**
 * A fabric in whole units: the greatest length of which all lengths that bags take are multiples. Bolts are rounded down to it, for
 * nothing shorter is ever cut. Where that unit is so small that tables over a bolt would be too large, such as for lengths from paper in
 * metres beside lengths in inches, a larger one stands in for it: for plans lengths are rounded up, so that what is planned can be cut;
 * for bounds they are rounded down and bolts up, so that no plan is better.
 *
 * @param lengths that a bag of each group takes; 0 for none
 * @param bolts   what each bolt gives, its tolerance left out
 * @param ticks   the exact lengths
 * @param free    what bolts have exactly, in ticks
 */
record FabricUnits(String code, int[] lengths, int[] bolts, long[] ticks, long[] free) {

    private static final long LONGEST_BOLT = 20_000;

    /** For plans. */
    static FabricUnits toPlan(BoltRequest request, String code) {
        return of(request, code, true);
    }

    /** For bounds. */
    static FabricUnits toBound(BoltRequest request, String code) {
        return of(request, code, false);
    }

    private static FabricUnits of(BoltRequest request, String code, boolean plans) {
        long[] ticks = request.groups().stream()
                .mapToLong(group -> Optional.ofNullable(group.lengths().get(code)).map(Length::ticks).orElse(0L)).toArray();
        List<BoltStock> bolts = request.bolts(code);
        long[] free = bolts.stream().mapToLong(bolt -> bolt.free().ticks()).toArray();
        long common = Arrays.stream(ticks).reduce(0, FabricUnits::greatestCommon);
        long[] toPlan = bolts.stream().mapToLong(bolt -> bolt.toPlan().ticks()).toArray();
        long longest = Arrays.stream(toPlan).max().orElse(0);
        long unit = Math.max(1, Math.max(common, longest / LONGEST_BOLT));
        boolean isExact = unit == common;
        return new FabricUnits(
                code,
                Arrays.stream(ticks).mapToInt(length -> (int) (plans ? up(length, unit) : Math.max(length > 0 ? 1 : 0, length / unit)))
                        .toArray(),
                Arrays.stream(toPlan).mapToInt(bolt -> (int) (plans || isExact ? bolt / unit : up(bolt, unit))).toArray(), ticks, free);
    }

    private static long up(long length, long unit) {
        return (length + unit - 1) / unit;
    }

    private static long greatestCommon(long one, long other) {
        return one == 0 ? other : greatestCommon(other % one, one);
    }

    /** What a bolt keeps, in ticks, from which a set is cut. */
    long rest(int bolt, int[] set) {
        long rest = free[bolt];
        for (int group = 0; group < set.length; group++) {
            rest -= set[group] * ticks[group];
        }
        return rest;
    }

    int longestBolt() {
        return Arrays.stream(bolts).max().orElse(0);
    }

    /** How many units so many bags of each group take. */
    long taken(int[] counts) {
        long taken = 0;
        for (int group = 0; group < lengths.length; group++) {
            taken += (long) lengths[group] * counts[group];
        }
        return taken;
    }

    /** What all bolts give. */
    long all() {
        return Arrays.stream(bolts).asLongStream().sum();
    }

    /** How many units are as long as this, at least. */
    int units(long length) {
        return (int) Math.min(Integer.MAX_VALUE, up(length, Math.max(1, unit())));
    }

    private long unit() {
        for (int group = 0; group < lengths.length; group++) {
            if (lengths[group] > 0) {
                return ticks[group] / lengths[group];
            }
        }
        return 1;
    }
}
