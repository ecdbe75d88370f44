package retazo.core.cutting.strip;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * The fewest patterns that together hold what is needed, where each pattern is one sheet: a pattern may be taken any number of
 * times, and may hold
 * more than is needed.
 *
 * <p>The relaxation gives a bound and takes most sheets; for what it does not take whole, every number of sheets from the bound
 * upwards is tried
 * depth first, the dearest kind first, as long as what is left is worth no more than the sheets that are left. Steps are limited;
 * then the best
 * that greed finds stands.
 */
public final class FewestPatterns {

    private static final long SHEET = 1L << 30;
    private static final int MOST_STEPS = 200_000;
    private static final double WHOLE = 1e-6;

    private final List<int[]> patterns;
    private final int[] needed;
    private final long[] prices;
    private final int[] whole;
    private int steps;

    /**
     * How often each pattern is taken.
     *
     * @param times in the order of the patterns
     * @param bound no choice of these patterns takes fewer sheets
     */
    public record Choice(List<Integer> times, int bound) {
        public Choice {
            times = List.copyOf(times);
        }

        /** How many sheets. */
        public int sheets() {
            return times.stream().mapToInt(Integer::intValue).sum();
        }
    }

    private FewestPatterns(List<int[]> patterns, int[] needed) {
        this.patterns = patterns;
        this.needed = needed;
        CoveringProgram program = relaxed(patterns, needed);
        this.whole = IntStream.range(0, patterns.size()).map(i -> (int) (program.level(needed.length + i) + WHOLE)).toArray();
        this.prices = Arrays.stream(program.prices()).mapToLong(price -> (long) (price * SHEET)).toArray();
    }

    /**
     * @param patterns how many of each kind each holds; every kind is in one of them
     * @param needed   of each kind, above zero
     * @throws IllegalArgumentException if some kind is in no pattern
     */
    public static Choice choose(List<int[]> patterns, int[] needed) {
        for (int kind = 0; kind < needed.length; kind++) {
            int wanted = kind;
            if (patterns.stream().noneMatch(pattern -> pattern[wanted] > 0)) {
                throw new IllegalArgumentException("No pattern holds the kind " + kind + ".");
            }
        }
        return new FewestPatterns(List.copyOf(patterns), needed.clone()).choice();
    }

    private static CoveringProgram relaxed(List<int[]> patterns, int[] needed) {
        double[] covers = new double[needed.length];
        for (int kind = 0; kind < needed.length; kind++) {
            int wanted = kind;
            covers[kind] = patterns.stream().mapToInt(pattern -> pattern[wanted]).max().orElseThrow();
        }
        double[] costs = new double[needed.length];
        Arrays.fill(costs, 1);
        CoveringProgram program = new CoveringProgram(Arrays.stream(needed).asDoubleStream().toArray(), covers, costs);
        patterns.forEach(pattern -> program.add(Arrays.stream(pattern).asDoubleStream().toArray(), 1));
        program.solve();
        return program;
    }

    private Choice choice() {
        int[] times = new int[patterns.size()];
        int[] left = needed.clone();
        for (int i = 0; i < whole.length; i++) {
            int taken = Math.max(0, whole[i] - 1);
            times[i] = taken;
            for (int kind = 0; kind < left.length; kind++) {
                left[kind] = Math.max(0, left[kind] - taken * patterns.get(i)[kind]);
            }
        }
        rest(left).forEach(pattern -> times[pattern]++);
        return new Choice(Arrays.stream(times).boxed().toList(), bound());
    }

    /** ⌈Σ price · needed ÷ the dearest pattern⌉: at prices at which no pattern is worth more than a sheet, that is the least. */
    private int bound() {
        long dearest = patterns.stream().mapToLong(pattern -> worth(pattern, prices)).max().orElse(SHEET);
        return (int) -Math.floorDiv(-worth(needed, prices), Math.max(SHEET, dearest));
    }

    private static long worth(int[] counts, long[] prices) {
        return IntStream.range(0, counts.length).mapToLong(kind -> counts[kind] * prices[kind]).sum();
    }

    private List<Integer> rest(int[] left) {
        List<Integer> greedy = greedy(left);
        int least = (int) -Math.floorDiv(-worth(left, prices), SHEET);
        for (int sheets = Math.max(0, least); sheets < greedy.size() && steps < MOST_STEPS; sheets++) {
            List<Integer> taken = new ArrayList<>();
            if (search(left, sheets, taken)) {
                return taken;
            }
        }
        return greedy;
    }

    private List<Integer> greedy(int[] needed) {
        List<Integer> taken = new ArrayList<>();
        int[] left = needed.clone();
        while (Arrays.stream(left).anyMatch(count -> count > 0)) {
            int[] now = left;
            int best = IntStream.range(0, patterns.size()).boxed()
                    .max(Comparator.comparing(i -> IntStream.range(0, now.length)
                            .mapToLong(kind -> Math.min(now[kind], patterns.get(i)[kind]) * (prices[kind] + 1)).sum()))
                    .orElseThrow();
            taken.add(best);
            left = without(left, best);
        }
        return taken;
    }

    private boolean search(int[] left, int sheets, List<Integer> taken) {
        Optional<Integer> dearest = IntStream.range(0, left.length).filter(kind -> left[kind] > 0).boxed()
                .max(Comparator.comparing(kind -> prices[kind]));
        if (dearest.isEmpty()) {
            return true;
        }
        if (worth(left, prices) > sheets * SHEET || sheets == 0) {
            return false;
        }
        for (int i = 0; i < patterns.size() && steps < MOST_STEPS; i++) {
            if (patterns.get(i)[dearest.get()] > 0) {
                steps++;
                taken.add(i);
                if (search(without(left, i), sheets - 1, taken)) {
                    return true;
                }
                taken.remove(taken.size() - 1);
            }
        }
        return false;
    }

    private int[] without(int[] left, int pattern) {
        int[] rest = left.clone();
        for (int kind = 0; kind < rest.length; kind++) {
            rest[kind] = Math.max(0, rest[kind] - patterns.get(pattern)[kind]);
        }
        return rest;
    }
}
