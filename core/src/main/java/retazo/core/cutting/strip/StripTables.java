package retazo.core.cutting.strip;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What a strip can be worth when each piece has a value: the best rows, stacks of rows, and strips of such stacks side by
 * side. Pieces may be taken any number of times. A working memory that is filled again for other values.
 *
 * <p>Three knapsacks, one into the other (Gilmore and Gomory's, for cuts in stages): a row of a height holds pieces up to that
 * height side by side; a column of a width holds rows one above the other; a strip holds columns side by side. With W
 * ways round, H heights, C columns and X × Y cells the work is W·X + C·H·Y + H·C·X.
 */
final class StripTables {

    private static final int NONE = -1;

    private final StripCells cells;
    private final List<StripCells.Way> ways;
    private final int[] heights;
    private final int tallest;
    private final long[][] row;
    private final int[][] rowWay;

    StripTables(StripCells cells) {
        this.cells = cells;
        this.ways = cells.ways();
        this.heights = cells.heights();
        this.tallest = heights[heights.length - 1];
        this.row = new long[heights.length][cells.width() + 1];
        this.rowWay = new int[heights.length][cells.width() + 1];
    }

    /** Works out the best rows. */
    void fillRows(long[] values) {
        int width = cells.width();
        for (int level = 0; level < heights.length; level++) {
            if (level == 0) {
                Arrays.fill(row[0], 0);
                Arrays.fill(rowWay[0], NONE);
            } else {
                System.arraycopy(row[level - 1], 0, row[level], 0, width + 1);
                System.arraycopy(rowWay[level - 1], 0, rowWay[level], 0, width + 1);
            }
            for (int way = 0; way < ways.size(); way++) {
                if (ways.get(way).along() == heights[level] && values[ways.get(way).piece()] > 0) {
                    take(row[level], rowWay[level], ways.get(way).across(), values[ways.get(way).piece()], way);
                }
            }
        }
    }

    /** Lets one more kind of thing into a knapsack, any number of times. */
    private static void take(long[] best, int[] choice, int size, long value, int kind) {
        for (int x = size; x < best.length; x++) {
            if (best[x - 1] > best[x]) {
                best[x] = best[x - 1];
                choice[x] = NONE;
            }
            long with = best[x - size] + value;
            if (with > best[x]) {
                best[x] = with;
                choice[x] = kind;
            }
        }
    }

    /** The best row of a height in a width. */
    long rowValue(int level, int width) {
        return row[level][width];
    }

    /** The widths at which some row becomes worth more; a column of another width is no better than the next narrower of these. */
    int[] telling() {
        return IntStream.rangeClosed(1, cells.width())
                .filter(width -> IntStream.range(0, heights.length).anyMatch(level -> row[level][width] > row[level][width - 1]))
                .toArray();
    }

    /** The best row itself. */
    StripPattern.Row rowOf(int level, int width) {
        StripPattern.Row made = new StripPattern.Row();
        int x = width;
        while (x > 0 && row[level][x] > 0) {
            int way = rowWay[level][x];
            if (way == NONE || row[level][x] == row[level][x - 1]) {
                x--;
            } else {
                made.add(ways.get(way));
                x -= ways.get(way).across();
            }
        }
        return made;
    }

    /** The stacks of rows for columns of some widths. */
    final class Stacks {

        private final int[] widths;
        private final long[][] stack;
        private final int[][] level;

        /** @param mostHigh up to which height, in cells */
        Stacks(int[] widths, int mostHigh) {
            this.widths = widths;
            this.stack = new long[widths.length][mostHigh + 1];
            this.level = new int[widths.length][mostHigh + 1];
            for (int column = 0; column < widths.length; column++) {
                fill(column, mostHigh);
            }
        }

        private void fill(int column, int mostHigh) {
            Arrays.fill(level[column], NONE);
            long last = 0;
            for (int i = 0; i < heights.length && heights[i] <= mostHigh; i++) {
                long value = row[i][widths[column]];
                if (value > last) {
                    take(stack[column], level[column], heights[i], value, i);
                    last = value;
                }
            }
        }

        long value(int column, int high) {
            return stack[column][high];
        }

        StripPattern.Column columnOf(int column, int high) {
            StripPattern.Column made = new StripPattern.Column(widths[column]);
            int y = high;
            while (y > 0 && stack[column][y] > 0) {
                int rows = level[column][y];
                if (rows == NONE || stack[column][y] == stack[column][y - 1]) {
                    y--;
                } else {
                    made.add(rowOf(rows, widths[column]));
                    y -= heights[rows];
                }
            }
            return made;
        }
    }

    Stacks stacks(int[] widths) {
        return new Stacks(widths, tallest);
    }

    /** The best strip of each height, up to a width. */
    final class Strips {

        private final Stacks stacks;
        private final int width;
        private final long[][] strip;
        private final int[][] column;

        Strips(Stacks stacks, int width) {
            this.stacks = stacks;
            this.width = width;
            this.strip = new long[heights.length][width + 1];
            this.column = new int[heights.length][width + 1];
            for (int height = 0; height < heights.length; height++) {
                fill(height);
            }
        }

        private void fill(int height) {
            Arrays.fill(column[height], NONE);
            long last = 0;
            for (int c = 0; c < stacks.widths.length && stacks.widths[c] <= width; c++) {
                long value = stacks.value(c, heights[height]);
                if (value > last) {
                    take(strip[height], column[height], stacks.widths[c], value, c);
                    last = value;
                }
            }
        }

        long value(int height) {
            return strip[height][width];
        }

        long value(int height, int upTo) {
            return strip[height][upTo];
        }

        StripPattern patternOf(int height) {
            StripPattern made = new StripPattern(height, cells.pieces());
            int x = width;
            while (x > 0 && strip[height][x] > 0) {
                int c = column[height][x];
                if (c == NONE || strip[height][x] == strip[height][x - 1]) {
                    x--;
                } else {
                    made.add(stacks.columnOf(c, heights[height]));
                    x -= stacks.widths[c];
                }
            }
            return made;
        }
    }

    /** The most that strips of a width are worth, one below the other up to a height. */
    long stackedStrips(Strips strips, int across, int high) {
        long[] best = new long[high + 1];
        int[] choice = new int[high + 1];
        for (int i = 0; i < heights.length && heights[i] <= high; i++) {
            take(best, choice, heights[i], strips.value(i, across), i);
        }
        return best[high];
    }

    Strips strips(Stacks stacks, int width) {
        return new Strips(stacks, width);
    }

    /**
     * Strips of one row that are worth at least so much, a limited number: every way to go on is tried whose best end, by the rows,
     * still reaches it.
     */
    List<StripPattern> nearRows(int height, int width, long least, long[] values, int most) {
        List<StripPattern> found = new ArrayList<>();
        near(height, width, least, values, 0, new ArrayList<>(), most, found);
        return found;
    }

    private void near(
            int height, int room, long least, long[] values, int from, List<StripCells.Way> taken, int most, List<StripPattern> found) {
        boolean ends = true;
        for (int i = from; i < ways.size() && found.size() < most; i++) {
            StripCells.Way way = ways.get(i);
            long rest = least - values[way.piece()];
            if (way.along() <= heights[height] && way.across() <= room && row[height][room - way.across()] >= rest) {
                ends = false;
                taken.add(way);
                near(height, room - way.across(), rest, values, i, taken, most, found);
                taken.remove(taken.size() - 1);
            }
        }
        if (ends && least <= 0 && !taken.isEmpty()) {
            found.add(StripPattern.sideBySide(height, taken, cells));
        }
    }

    /** The best strip of one row only. */
    StripPattern rowPattern(int height, int width) {
        return StripPattern.sideBySide(height, rowOf(height, width).ways(), cells);
    }
}
