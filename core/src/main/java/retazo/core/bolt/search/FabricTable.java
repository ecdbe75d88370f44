package retazo.core.bolt.search;

import retazo.core.bolt.BoltStock;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The best way to lay any numbers of some lengths of one fabric on its bolts, for all numbers up to what is wanted at once.
 *
 * <p>Bolt by bolt: with the bolts up to here the best cost of exactly {@code n} lengths is the least, over the cut sets {@code p} of this
 * bolt, of the cost of {@code n − p} on the bolts before plus what the rest of this bolt costs. A table of all {@code n} has {@code Π
 * (most + 1)} places, so this is for moderate numbers; {@link #work} says beforehand how much it is.
 */
final class FabricTable {

    static final long NEVER = Long.MAX_VALUE;

    private final int[] strides;
    private final List<List<int[]>> setsOfBolt = new ArrayList<>();
    private final int[][] chosen;
    private long[] best;

    /**
     * @param lengths in ticks, all different
     * @param most    how many of each are wanted
     */
    FabricTable(List<BoltStock> bolts, long[] lengths, int[] most, RestCost cost) {
        CutSets cutSets = new CutSets(lengths, most);
        this.strides = strides(most);
        int states = places(most);
        this.best = new long[states];
        Arrays.fill(best, NEVER);
        best[0] = 0;
        this.chosen = new int[bolts.size()][];
        int[] digits = new int[most.length];
        for (int bolt = 0; bolt < bolts.size(); bolt++) {
            long free = bolts.get(bolt).free().ticks();
            List<int[]> sets = cutSets.of(bolts.get(bolt).toPlan().ticks());
            setsOfBolt.add(sets);
            if (sets.size() == 1) {
                chosen[bolt] = new int[0];
                continue;
            }
            long[] next = best.clone();
            int[] choice = new int[states];
            for (int set = 1; set < sets.size(); set++) {
                int[] cut = sets.get(set);
                lay(cut, cost.of(free - cutSets.used(cut)), set, most, digits, next, choice);
            }
            chosen[bolt] = choice;
            best = next;
        }
    }

    /** Cuts one set from a bolt, after everything that was laid on the bolts before. */
    private void lay(int[] cut, long cost, int set, int[] most, int[] digits, long[] next, int[] choice) {
        int shift = place(cut);
        Arrays.fill(digits, 0);
        int before = 0;
        while (before >= 0) {
            if (best[before] != NEVER && best[before] + cost < next[before + shift]) {
                next[before + shift] = best[before] + cost;
                choice[before + shift] = set;
            }
            before = following(digits, cut, most, before);
        }
    }

    /** The next place whose numbers leave room for a cut set, in the order of places; below zero after the last. */
    private int following(int[] digits, int[] cut, int[] most, int place) {
        int next = place;
        for (int i = digits.length - 1; i >= 0; i--) {
            if (digits[i] < most[i] - cut[i]) {
                digits[i]++;
                return next + strides[i];
            }
            next -= digits[i] * strides[i];
            digits[i] = 0;
        }
        return -1;
    }

    private static int[] strides(int[] most) {
        int[] strides = new int[most.length];
        int stride = 1;
        for (int i = most.length - 1; i >= 0; i--) {
            strides[i] = stride;
            stride *= most[i] + 1;
        }
        return strides;
    }

    /** How many numbers there are up to what is wanted; at most the largest whole number. */
    static int places(int[] most) {
        long places = 1;
        for (int number : most) {
            places = Math.min(Integer.MAX_VALUE, places * (number + 1));
        }
        return (int) places;
    }

    /** How many steps a table takes, or the limit if it is more. */
    static long work(List<BoltStock> bolts, long[] lengths, int[] most, long limit) {
        CutSets cutSets = new CutSets(lengths, most);
        long places = places(most);
        long work = 0;
        for (BoltStock bolt : bolts) {
            int mostSets = (int) Math.min(Integer.MAX_VALUE - 1, (limit - work) / Math.max(1, places));
            if (cutSets.moreThan(bolt.toPlan().ticks(), mostSets)) {
                return limit;
            }
            work += places * cutSets.of(bolt.toPlan().ticks()).size();
        }
        return work;
    }

    private int place(int[] numbers) {
        int place = 0;
        for (int i = 0; i < numbers.length; i++) {
            place += numbers[i] * strides[i];
        }
        return place;
    }

    /** What the best way to lay exactly these numbers costs; {@link #NEVER} where there is none. */
    long cost(int[] numbers) {
        return best[place(numbers)];
    }

    /** The cut set of each bolt in the best way to lay exactly these numbers. */
    List<int[]> sets(int[] numbers) {
        List<int[]> sets = new ArrayList<>();
        int place = place(numbers);
        for (int bolt = chosen.length - 1; bolt >= 0; bolt--) {
            int[] set = setsOfBolt.get(bolt).get(chosen[bolt].length == 0 ? 0 : chosen[bolt][place]);
            sets.add(0, set);
            place -= place(set);
        }
        return sets;
    }
}
