package retazo.core.bolt.search;

import java.util.ArrayList;
import java.util.List;

/**
 * The sets of lengths that a bolt gives: how often each of some lengths is cut from it.
 *
 * <p>A bolt with {@code free} ticks gives {@code n} where {@code n · length ≤ free}; the sets are found depth first, one length after the
 * other, each from none to as many as still fit and are wanted.
 */
final class CutSets {

    private final long[] lengths;
    private final int[] most;

    /**
     * @param lengths in ticks, above zero
     * @param most    how many of each are wanted
     */
    CutSets(long[] lengths, int[] most) {
        this.lengths = lengths.clone();
        this.most = most.clone();
    }

    /** All sets that a bolt gives, the empty one first. */
    List<int[]> of(long free) {
        List<int[]> sets = new ArrayList<>();
        collect(free, 0, new int[lengths.length], sets, Integer.MAX_VALUE);
        return sets;
    }

    /** Whether a bolt gives more sets than so many. */
    boolean moreThan(long free, int limit) {
        List<int[]> sets = new ArrayList<>();
        collect(free, 0, new int[lengths.length], sets, limit + 1);
        return sets.size() > limit;
    }

    private void collect(long rest, int next, int[] chosen, List<int[]> sets, int limit) {
        if (sets.size() >= limit) {
            return;
        }
        if (next == lengths.length) {
            sets.add(chosen.clone());
            return;
        }
        long fit = Math.min(most[next], rest / lengths[next]);
        for (int count = 0; count <= fit; count++) {
            chosen[next] = count;
            collect(rest - count * lengths[next], next + 1, chosen, sets, limit);
        }
        chosen[next] = 0;
    }

    /** The ticks that a set takes. */
    long used(int[] set) {
        long used = 0;
        for (int i = 0; i < set.length; i++) {
            used += set[i] * lengths[i];
        }
        return used;
    }
}
