package retazo.core.cutting.strip;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Lays one strip of pieces that are still needed, as dear ones as possible: a knapsack of columns, each one piece with what can
 * stand above it, none more often than it is needed; then the rests above and beside are filled row by row, the dearest for its
 * height first.
 */
final class StripBuilder {

    private final StripCells cells;
    private final List<StripCells.Way> ways;
    private final StripTables tables;
    private final StripTables.@Nullable Stacks stacks;
    private final long[] prices;
    private final int mostSizes;

    /** @param tables with the rows at these prices */
    StripBuilder(StripCells cells, StripTables tables, long[] prices, Optional<Integer> mostSizes) {
        this.cells = cells;
        this.ways = cells.ways();
        this.tables = tables;
        this.stacks = cells.stacks() ? tables.stacks(cells.widths()) : null;
        this.prices = prices;
        this.mostSizes = mostSizes.orElse(Integer.MAX_VALUE);
    }

    /** Of a height, in a width; empty if nothing fits. */
    StripPattern strip(int height, int width, int[] needed, boolean stacked) {
        int high = cells.heights()[height];
        int[] times = knapsack(width, high, needed, stacked && stacks != null);
        StripPattern strip = new StripPattern(height, cells.pieces());
        boolean[] chosen = new boolean[needed.length];
        inOrder(times).forEach(way -> chosen[ways.get(way).piece()] = true);
        int[] left = needed.clone();
        int x = 0;
        for (int way : inOrder(times)) {
            StripCells.Way lying = ways.get(way);
            int count = Math.min(times[way], left[lying.piece()]);
            if (count > 0) {
                StripPattern.Column column = new StripPattern.Column(count * lying.across());
                column.add(row(lying, count, left));
                fill(column, high - lying.along(), left, chosen);
                strip.add(column);
                x += column.across();
            }
        }
        if (x < width) {
            StripPattern.Column rest = new StripPattern.Column(width - x);
            fill(rest, high, left, chosen);
            if (!rest.rows().isEmpty()) {
                strip.add(rest);
            }
        }
        return strip;
    }

    private List<Integer> inOrder(int[] times) {
        List<Integer> chosen = new ArrayList<>();
        for (int way = 0; way < times.length; way++) {
            if (times[way] > 0) {
                chosen.add(way);
            }
        }
        chosen.sort(Comparator.comparing((Integer way) -> ways.get(way).along(), Comparator.reverseOrder())
                .thenComparing(way -> ways.get(way).across(), Comparator.reverseOrder()));
        return chosen;
    }

    private static StripPattern.Row row(StripCells.Way way, int count, int[] left) {
        StripPattern.Row row = new StripPattern.Row();
        for (int i = 0; i < count; i++) {
            row.add(way);
            left[way.piece()]--;
        }
        return row;
    }

    /** Rows in what is left of a column; sizes that come in are marked as chosen. */
    private void fill(StripPattern.Column column, int high, int[] left, boolean[] chosen) {
        if (stacks == null) {
            return;
        }
        int y = high;
        for (int way = densest(column.across(), y, left); way >= 0; way = densest(column.across(), y, left)) {
            int[] allowed = allowed(left, chosen, ways.get(way).piece());
            if (allowed[ways.get(way).piece()] == 0) {
                return;
            }
            int[] times = knapsack(column.across(), ways.get(way).along(), allowed, false);
            StripPattern.Row row = new StripPattern.Row();
            for (int each : inOrder(times)) {
                int count = Math.min(times[each], left[ways.get(each).piece()]);
                row(ways.get(each), count, left).ways().forEach(row::add);
                chosen[ways.get(each).piece()] = true;
            }
            column.add(row);
            y -= row.along();
        }
    }

    /** What may still come onto the strip, where only so many sizes may: what is chosen, and one more while there is room for a size. */
    private int[] allowed(int[] left, boolean[] chosen, int more) {
        if (mostSizes == Integer.MAX_VALUE) {
            return left;
        }
        int sizes = 0;
        for (boolean one : chosen) {
            sizes += one ? 1 : 0;
        }
        int[] allowed = left.clone();
        for (int piece = 0; piece < left.length; piece++) {
            allowed[piece] = chosen[piece] || piece == more && sizes < mostSizes ? left[piece] : 0;
        }
        return allowed;
    }

    /** The way round whose height of row is worth most for its height; -1 if no needed piece fits. */
    private int densest(int across, int high, int[] left) {
        int best = -1;
        double density = 0;
        for (int way = 0; way < ways.size(); way++) {
            StripCells.Way one = ways.get(way);
            if (one.along() <= high && one.across() <= across && left[one.piece()] > 0) {
                int level = Arrays.binarySearch(cells.heights(), one.along());
                double worth = (double) Math.max(1, tables.rowValue(level, across)) / one.along();
                if (worth > density) {
                    density = worth;
                    best = way;
                }
            }
        }
        return best;
    }

    /** How often each way round lies side by side, none more often than needed, no more than so many ways. */
    private int[] knapsack(int width, int high, int[] needed, boolean stacked) {
        boolean limited = mostSizes < ways.size();
        int groups = limited ? mostSizes : 1;
        long[][] best = new long[groups + 1][width + 1];
        byte[][][] taken = new byte[ways.size()][groups + 1][];
        for (int way = 0; way < ways.size(); way++) {
            StripCells.Way one = ways.get(way);
            int most = one.along() > high ? 0 : Math.min(Math.min(needed[one.piece()], width / one.across()), Byte.MAX_VALUE);
            if (most > 0) {
                long value = Math.max(1, prices[one.piece()]) + (stacked ? above(one, high) : 0);
                for (int group = groups; group >= 1; group--) {
                    taken[way][group] = take(best[limited ? group - 1 : group], best[group], one.across(), value, most);
                }
            }
        }
        return chosen(best, taken, width, limited);
    }

    /**
     * Lets up to so many of a kind into a knapsack; says how many each width took.
     *
     * <p>Of the widths that leave the same rest by this one's, which of the narrower ones to go on from is the greatest of a window that
     * moves along: kept in falling order, each comes and goes once (the bounded knapsack in the time of the unbounded, Pisinger). Of
     * equal ones the fewest are taken.
     */
    private static byte[] take(long[] before, long[] best, int across, long value, int most) {
        byte[] taken = new byte[best.length];
        int[] window = new int[best.length / across + 1];
        long[] worth = new long[window.length];
        for (int rest = 0; rest < across; rest++) {
            int first = 0;
            int end = 0;
            for (int k = 0, x = rest; x < best.length; k++, x += across) {
                long alone = before[x] - k * value;
                if (first < end && window[first] < k - most) {
                    first++;
                }
                if (first < end && worth[first] + k * value > best[x]) {
                    best[x] = worth[first] + k * value;
                    taken[x] = (byte) (k - window[first]);
                }
                while (first < end && worth[end - 1] <= alone) {
                    end--;
                }
                window[end] = k;
                worth[end++] = alone;
            }
        }
        return taken;
    }

    private int[] chosen(long[][] best, byte[][][] taken, int width, boolean limited) {
        int[] times = new int[ways.size()];
        int group = best.length - 1;
        int x = width;
        for (int way = ways.size() - 1; way >= 0 && group > 0; way--) {
            if (taken[way][group] != null && taken[way][group][x] > 0) {
                times[way] = taken[way][group][x];
                x -= times[way] * ways.get(way).across();
                group -= limited ? 1 : 0;
            }
        }
        return times;
    }

    private long above(StripCells.Way way, int high) {
        return requireNonNull(stacks).value(Arrays.binarySearch(cells.widths(), way.across()), high - way.along());
    }
}
