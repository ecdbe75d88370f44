package retazo.core.bolt.search;

import java.util.Arrays;
import java.util.Optional;
import java.util.Random;
import java.util.function.BooleanSupplier;

/**
 * Lays given numbers of lengths on the bolts of one fabric. Each bolt is filled as full as the lengths that are left allow (subset sums
 * over whole units); then, as long as some lengths find no room, two or three bolts are emptied and filled anew with what was on them and
 * what is left over, and that is kept if no more is left over than before. When all is laid, the same goes on for better rests. The work
 * is limited by steps; chance has a fixed beginning, so the same request is laid alike.
 */
final class FabricFill {

    private static final long BEGINNING = 20_301;
    private static final int MOST_POLISHES = 4_000;
    private static final int ASKED_EVERY = 50;

    private final FabricUnits fabric;
    private final int groups;
    private final int[][] sets;
    private final int[] rest;
    private final int[] open;
    private final Random random = new Random(BEGINNING);
    private final int[] from;
    private final int[] used;
    private long work;

    private FabricFill(FabricUnits fabric, int[] counts) {
        this.fabric = fabric;
        this.groups = counts.length;
        this.sets = new int[fabric.bolts().length][groups];
        this.rest = fabric.bolts().clone();
        this.open = new int[groups];
        for (int group = 0; group < groups; group++) {
            open[group] = fabric.lengths()[group] > 0 ? counts[group] : 0;
        }
        this.from = new int[fabric.longestBolt() + 1];
        this.used = new int[fabric.longestBolt() + 1];
    }

    /**
     * How many lengths of each group are cut from each bolt; empty where no way was found.
     *
     * @param steps  how often bolts are emptied and filled anew, at most
     * @param goesOn asked now and then; where it says no, what does not lie yet is given up
     */
    static Optional<FabricFill> lay(FabricUnits fabric, int[] counts, int steps, BooleanSupplier goesOn) {
        if (fabric.taken(counts) > fabric.all()) {
            return Optional.empty();
        }
        FabricFill fill = new FabricFill(fabric, counts);
        fill.begin();
        fill.improve(steps, goesOn);
        return Optional.of(fill).filter(one -> one.left() == 0);
    }

    /** How many lengths of each group are cut from each bolt. */
    int[][] sets() {
        return sets;
    }

    private long cost(int bolt, RestCost cost) {
        return cost(bolt, sets[bolt], cost);
    }

    private long cost(int bolt, int[] set, RestCost cost) {
        return Arrays.stream(set).allMatch(number -> number == 0) ? 0 : cost.of(fabric.rest(bolt, set));
    }

    private long left() {
        long left = 0;
        for (int group = 0; group < groups; group++) {
            left += (long) open[group] * fabric.lengths()[group];
        }
        return left;
    }

    /** The short bolts first, since the long ones take what is left more easily. */
    private void begin() {
        Integer[] order = new Integer[rest.length];
        Arrays.setAll(order, bolt -> bolt);
        Arrays.sort(order, (one, other) -> Integer.compare(fabric.bolts()[one], fabric.bolts()[other]));
        int[] longestFirst = longestFirst();
        for (int bolt : order) {
            fill(bolt, longestFirst);
        }
    }

    private int[] longestFirst() {
        Integer[] order = new Integer[groups];
        Arrays.setAll(order, group -> group);
        Arrays.sort(order, (one, other) -> Integer.compare(fabric.lengths()[other], fabric.lengths()[one]));
        return Arrays.stream(order).mapToInt(Integer::intValue).toArray();
    }

    /** Fills what is free of a bolt as full as can be from what is open; of equal ways the one with the first lengths of an order. */
    private void fill(int bolt, int[] order) {
        fill(bolt, order, 0);
    }

    /** The same, but so that at least so many units are left. */
    private void fill(int bolt, int[] order, int kept) {
        int free = rest[bolt] - kept;
        if (free <= 0) {
            return;
        }
        Arrays.fill(from, 0, free + 1, -1);
        from[0] = groups;
        int best = 0;
        for (int group : order) {
            int length = fabric.lengths()[group];
            if (length == 0 || open[group] == 0 || length > free) {
                continue;
            }
            Arrays.fill(used, 0, free + 1, 0);
            work += free;
            for (int at = length; at <= free; at++) {
                if (from[at] < 0 && from[at - length] >= 0 && used[at - length] < open[group]) {
                    from[at] = group;
                    used[at] = used[at - length] + 1;
                    best = Math.max(best, at);
                }
            }
            if (best == free) {
                break;
            }
        }
        for (int at = best; at > 0; at -= fabric.lengths()[from[at]]) {
            sets[bolt][from[at]]++;
            open[from[at]]--;
        }
        rest[bolt] -= best;
    }

    private void empty(int bolt) {
        for (int group = 0; group < groups; group++) {
            open[group] += sets[bolt][group];
            sets[bolt][group] = 0;
        }
        rest[bolt] = fabric.bolts()[bolt];
    }

    private void improve(int steps, BooleanSupplier goesOn) {
        int[] order = longestFirst();
        long left = left();
        for (int step = 0; step < steps && left > 0 && rest.length > 1 && mayGoOn(step, goesOn); step++) {
            Before before = anew(order, 0);
            long now = left();
            if (now <= left) {
                left = now;
            } else {
                before.restore();
            }
        }
    }

    /**
     * Makes the rests better, with all lengths laid.
     *
     * @param most   steps of the tables of subset sums that are taken at most
     * @param goesOn likewise
     */
    void polish(long most, RestCost cost, BooleanSupplier goesOn) {
        int[] order = longestFirst();
        int remnant = fabric.units(cost.shortestRemnant());
        work = 0;
        for (int step = 0; step < MOST_POLISHES && work < most && rest.length > 1 && mayGoOn(step, goesOn); step++) {
            Before before = anew(order, step % 2 == 0 ? 0 : remnant);
            if (left() > 0 || before.costNow(cost) > before.cost(cost)) {
                before.restore();
            }
        }
    }

    private static boolean mayGoOn(int step, BooleanSupplier goesOn) {
        return step % ASKED_EVERY != 0 || goesOn.getAsBoolean();
    }

    /**
     * Empties some bolts and fills them anew; how they were before.
     *
     * @param remnant so much is left on some of them, by chance
     */
    private Before anew(int[] order, int remnant) {
        int[] chosen = choose(Math.min(rest.length, 2 + random.nextInt(3)));
        work++;
        Before before = new Before(chosen);
        for (int bolt : chosen) {
            empty(bolt);
        }
        shuffle(order);
        for (int bolt : chosen) {
            fill(bolt, order, remnant > 0 && random.nextBoolean() ? remnant : 0);
        }
        return before;
    }

    /** Some bolts as they were. */
    private final class Before {

        private final int[] chosen;
        private final int[][] setsBefore;
        private final int[] restBefore;
        private final int[] openBefore = open.clone();

        Before(int[] chosen) {
            this.chosen = chosen;
            this.setsBefore = new int[chosen.length][];
            this.restBefore = new int[chosen.length];
            for (int i = 0; i < chosen.length; i++) {
                setsBefore[i] = sets[chosen[i]].clone();
                restBefore[i] = rest[chosen[i]];
            }
        }

        void restore() {
            System.arraycopy(openBefore, 0, open, 0, groups);
            for (int i = 0; i < chosen.length; i++) {
                sets[chosen[i]] = setsBefore[i];
                rest[chosen[i]] = restBefore[i];
            }
        }

        long cost(RestCost cost) {
            long sum = 0;
            for (int i = 0; i < chosen.length; i++) {
                sum += FabricFill.this.cost(chosen[i], setsBefore[i], cost);
            }
            return sum;
        }

        long costNow(RestCost cost) {
            long sum = 0;
            for (int bolt : chosen) {
                sum += FabricFill.this.cost(bolt, cost);
            }
            return sum;
        }
    }

    /** Bolts all different, at least one of them with a rest. */
    private int[] choose(int many) {
        int[] chosen = new int[many];
        int count = 0;
        for (int tries = 0; count == 0 && tries < 20; tries++) {
            int bolt = random.nextInt(rest.length);
            if (rest[bolt] > 0 || tries == 19) {
                chosen[count++] = bolt;
            }
        }
        while (count < many) {
            int bolt = random.nextInt(rest.length);
            boolean isNew = true;
            for (int i = 0; i < count; i++) {
                isNew &= chosen[i] != bolt;
            }
            if (isNew) {
                chosen[count++] = bolt;
            }
        }
        return chosen;
    }

    private void shuffle(int[] order) {
        for (int i = order.length - 1; i > 0; i--) {
            int other = random.nextInt(i + 1);
            int kept = order[i];
            order[i] = order[other];
            order[other] = kept;
        }
    }
}
