package retazo.core.season;

import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Looks for the best numbers of kits. Where few ways are to be tried, all of them are. Else it begins with the whole kits of the best parts
 * and fills up what is left; then again and again one kit is given up for what others make of its cloth, as long as that is worth more.
 */
final class SeasonSearch {

    private static final long FEW_WAYS = 60_000;

    /** So few that the bolts of each are laid as a run lays them. */
    private static final long VERY_FEW_WAYS = 1_000;
    private static final int MOST_LOOKS = 250_000;

    private final SeasonTable table;
    private final SeasonBound.Answer bound;
    private final List<Integer> order;
    private int looks;

    SeasonSearch(SeasonTable table, SeasonBound.Answer bound) {
        this.table = table;
        this.bound = bound;
        this.order = IntStream.range(0, table.kits()).boxed()
                .sorted(Comparator.comparing((Integer kit) -> -overPrice(kit)).thenComparing(kit -> -table.worth(kit))).toList();
    }

    /** What a kit brings beyond the prices of what it takes. */
    private double overPrice(int kit) {
        double over = table.worth(kit);
        for (int thing = 0; thing < table.things(); thing++) {
            over -= bound.prices()[thing] * table.takes(kit, thing);
        }
        return over;
    }

    /** Numbers that fit, worth as much as was found. */
    long[] mostWorth() {
        long[] least = least();
        if (!table.fits(least)) {
            return least;
        }
        if (ways() <= FEW_WAYS) {
            long[] best = new Every(least, ways() <= VERY_FEW_WAYS).best();
            fillWithCare(best);
            return best;
        }
        long[] numbers = least.clone();
        for (int kit = 0; kit < numbers.length; kit++) {
            numbers[kit] = Math.max(least[kit], Math.min(table.most(kit), (long) Math.floor(bound.numbers()[kit] + 1e-6)));
        }
        giveUp(numbers);
        fill(numbers, -1);
        improve(numbers);
        fillWithCare(numbers);
        return numbers;
    }

    /** Numbers that fit, each raised in turn, the lowest first, as long as one more of it fits. */
    long[] mostEven() {
        long[] numbers = least();
        boolean[] stuck = new boolean[numbers.length];
        if (!table.fits(numbers)) {
            return numbers;
        }
        while (true) {
            int lowest = -1;
            for (int kit : order) {
                boolean may = !stuck[kit] && numbers[kit] < table.most(kit);
                lowest = may && (lowest < 0 || numbers[kit] < numbers[lowest]) ? kit : lowest;
            }
            if (lowest < 0) {
                return numbers;
            }
            numbers[lowest]++;
            if (!table.fitsAround(numbers, lowest)) {
                numbers[lowest]--;
                stuck[lowest] = true;
            }
        }
    }

    private long[] least() {
        return IntStream.range(0, table.kits()).mapToLong(table::least).toArray();
    }

    private long ways() {
        long ways = 1;
        for (int kit = 0; kit < table.kits() && ways <= FEW_WAYS; kit++) {
            ways *= Math.max(1, table.most(kit) - table.least(kit) + 1);
        }
        return ways;
    }

    /** Takes away what does not fit, each time the kit that brings least for what it takes of the thing that does not suffice. */
    private void giveUp(long[] numbers) {
        for (int thing = 0; thing < table.things(); thing++) {
            while (!table.fits(numbers, thing)) {
                int poorest = -1;
                for (int kit = 0; kit < numbers.length; kit++) {
                    boolean may = numbers[kit] > table.least(kit) && table.takes(kit, thing) > 0;
                    poorest = may && (poorest < 0 || isPoorer(kit, poorest, thing)) ? kit : poorest;
                }
                numbers[poorest]--;
            }
        }
    }

    private boolean isPoorer(int kit, int other, int thing) {
        return (double) table.worth(kit) / table.takes(kit, thing) < (double) table.worth(other) / table.takes(other, thing);
    }

    /** One more of each in order, again and again, until none fits; not of the one that was given up. */
    private void fill(long[] numbers, int without) {
        boolean more = true;
        while (more) {
            more = false;
            for (int kit : order) {
                if (kit != without && numbers[kit] < table.most(kit)) {
                    numbers[kit]++;
                    looks++;
                    if (table.fitsAround(numbers, kit)) {
                        more = true;
                    } else {
                        numbers[kit]--;
                    }
                }
            }
        }
    }

    private void improve(long[] numbers) {
        boolean better = true;
        while (better && looks < MOST_LOOKS) {
            better = false;
            for (int kit = 0; kit < numbers.length && looks < MOST_LOOKS; kit++) {
                if (numbers[kit] > table.least(kit)) {
                    long[] tried = numbers.clone();
                    tried[kit]--;
                    fill(tried, kit);
                    fill(tried, -1);
                    if (table.worth(tried) > table.worth(numbers)) {
                        System.arraycopy(tried, 0, numbers, 0, numbers.length);
                        better = true;
                    }
                }
            }
        }
    }

    /** One more of what would fit if its bolts were laid as a run lays them. */
    private void fillWithCare(long[] numbers) {
        for (int kit : order) {
            if (numbers[kit] < table.most(kit)) {
                numbers[kit]++;
                if (!table.fitsWithCare(numbers)) {
                    numbers[kit]--;
                }
            }
        }
    }

    /** Every way, the kits that bring most first; a beginning that cannot come to more than the best is left. */
    private final class Every {

        private final long[] numbers;
        private final boolean careful;
        private final long[] above;
        private long[] best;

        Every(long[] least, boolean careful) {
            this.careful = careful;
            numbers = least;
            best = least.clone();
            above = new long[order.size() + 1];
            for (int at = order.size() - 1; at >= 0; at--) {
                int kit = order.get(at);
                above[at] = above[at + 1] + table.worth(kit) * Math.max(0, table.most(kit) - table.least(kit));
            }
        }

        long[] best() {
            from(0);
            return best;
        }

        private void from(int at) {
            if (table.worth(numbers) > table.worth(best)) {
                best = numbers.clone();
            }
            if (at == order.size() || table.worth(numbers) + above[at] <= table.worth(best)) {
                return;
            }
            int kit = order.get(at);
            long first = numbers[kit];
            while (numbers[kit] < table.most(kit)) {
                numbers[kit]++;
                if (careful ? !table.fitsWithCare(numbers) : !table.fitsAround(numbers, kit)) {
                    numbers[kit]--;
                    break;
                }
            }
            for (; numbers[kit] >= first; numbers[kit]--) {
                from(at + 1);
            }
            numbers[kit] = first;
        }
    }
}
