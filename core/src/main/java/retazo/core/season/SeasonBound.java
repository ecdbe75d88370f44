package retazo.core.season;

import java.math.BigInteger;

/**
 * A worth that no numbers of a season pass, and a price for each thing that proves it.
 *
 * <p>Kits in parts of one, cut from each fabric's cloth as if it were one piece, are worth at least as much as whole kits cut from bolts.
 * The best such parts solve a linear program, by the simplex method in floating point. Its prices of things are then taken as whole
 * numbers of 2⁻⁴⁰, and the bound is worked out from them exactly: by weak duality, for any prices y ≥ 0 of things,
 *
 * <pre>worth ≤ Σ y·(all of the thing) + Σ most·max(0, worth of the kit − Σ y·(what it takes)),</pre>
 *
 * so that a rounded price makes the bound a little higher and never wrong.
 */
final class SeasonBound {

    private static final int BITS = 40;
    private static final double TINY = 1e-9;
    private static final int STEEPEST = 2_000;
    private static final int MOST_TURNS = 20_000;

    private final SeasonTable table;
    private final int rows;
    private final int columns;
    private final double[][] dictionary;
    private final double[] right;
    private final double[] gain;
    private final int[] basic;
    private final int[] free;

    private SeasonBound(SeasonTable table) {
        this.table = table;
        this.columns = table.kits();
        this.rows = table.things() + table.kits();
        this.dictionary = new double[rows][columns];
        this.right = new double[rows];
        this.gain = new double[columns];
        this.basic = new int[rows];
        this.free = new int[columns];
    }

    /**
     * The best parts of kits, and what they prove.
     *
     * @param numbers about so many of each kit
     * @param prices  of each thing, about
     * @param worth   the bound
     */
    record Answer(double[] numbers, double[] prices, long worth) {
    }

    static Answer of(SeasonTable table) {
        SeasonBound bound = new SeasonBound(table);
        bound.fill();
        bound.solve();
        double[] prices = bound.prices();
        return new Answer(bound.numbers(), prices, worth(table, prices));
    }

    /** Things as shares of all that there is of them, kits as their numbers; each row begins with its own rest as what is solved for. */
    private void fill() {
        for (int thing = 0; thing < table.things(); thing++) {
            double all = Math.max(1, table.all(thing));
            right[thing] = table.all(thing) > 0 ? 1 : 0;
            for (int kit = 0; kit < columns; kit++) {
                dictionary[thing][kit] = table.takes(kit, thing) / all;
            }
        }
        for (int kit = 0; kit < columns; kit++) {
            dictionary[table.things() + kit][kit] = 1;
            right[table.things() + kit] = table.most(kit);
            gain[kit] = table.worth(kit);
            free[kit] = kit;
        }
        for (int row = 0; row < rows; row++) {
            basic[row] = columns + row;
        }
    }

    private void solve() {
        for (int turn = 0; turn < MOST_TURNS; turn++) {
            int column = entering(turn < STEEPEST);
            if (column < 0) {
                return;
            }
            int row = leaving(column);
            if (row < 0) {
                throw new IllegalStateException("A kit that takes nothing can be made without end.");
            }
            turn(row, column);
        }
    }

    /** The column that gains most; after very many turns the first that gains, which cannot go round in a circle (Bland). */
    private int entering(boolean steepest) {
        int found = -1;
        for (int column = 0; column < columns; column++) {
            boolean gains = gain[column] > TINY;
            boolean better = found < 0 || (steepest ? gain[column] > gain[found] : free[column] < free[found]);
            found = gains && better ? column : found;
        }
        return found;
    }

    private int leaving(int column) {
        int found = -1;
        double least = Double.POSITIVE_INFINITY;
        for (int row = 0; row < rows; row++) {
            if (dictionary[row][column] > TINY) {
                double ratio = right[row] / dictionary[row][column];
                if (ratio < least - TINY || ratio < least + TINY && found >= 0 && basic[row] < basic[found]) {
                    least = Math.min(least, ratio);
                    found = row;
                }
            }
        }
        return found;
    }

    private void turn(int row, int column) {
        double pivot = dictionary[row][column];
        for (int other = 0; other < columns; other++) {
            dictionary[row][other] /= pivot;
        }
        dictionary[row][column] = 1 / pivot;
        right[row] /= pivot;
        for (int other = 0; other < rows; other++) {
            double factor = dictionary[other][column];
            if (other != row && factor != 0) {
                for (int at = 0; at < columns; at++) {
                    dictionary[other][at] -= at == column ? 0 : factor * dictionary[row][at];
                }
                dictionary[other][column] = -factor / pivot;
                right[other] = Math.max(0, right[other] - factor * right[row]);
            }
        }
        double factor = gain[column];
        for (int at = 0; at < columns; at++) {
            gain[at] -= at == column ? 0 : factor * dictionary[row][at];
        }
        gain[column] = -factor / pivot;
        int leaving = basic[row];
        basic[row] = free[column];
        free[column] = leaving;
    }

    private double[] numbers() {
        double[] numbers = new double[columns];
        for (int row = 0; row < rows; row++) {
            if (basic[row] < columns) {
                numbers[basic[row]] = right[row];
            }
        }
        return numbers;
    }

    /** What a rest that is used up would gain, for one more tick or piece of its thing. */
    private double[] prices() {
        double[] prices = new double[table.things()];
        for (int column = 0; column < columns; column++) {
            int thing = free[column] - columns;
            if (thing >= 0 && thing < table.things()) {
                prices[thing] = Math.max(0, -gain[column]) / Math.max(1, table.all(thing));
            }
        }
        return prices;
    }

    private static long worth(SeasonTable table, double[] prices) {
        BigInteger sum = BigInteger.ZERO;
        BigInteger[] whole = new BigInteger[prices.length];
        for (int thing = 0; thing < prices.length; thing++) {
            whole[thing] = BigInteger.valueOf((long) Math.ceil(prices[thing] * (1L << BITS)));
            sum = sum.add(whole[thing].multiply(BigInteger.valueOf(table.all(thing))));
        }
        for (int kit = 0; kit < table.kits(); kit++) {
            BigInteger more = BigInteger.valueOf(table.worth(kit)).shiftLeft(BITS);
            for (int thing = 0; thing < prices.length; thing++) {
                more = more.subtract(whole[thing].multiply(BigInteger.valueOf(table.takes(kit, thing))));
            }
            sum = sum.add(more.max(BigInteger.ZERO).multiply(BigInteger.valueOf(table.most(kit))));
        }
        return sum.shiftRight(BITS).longValueExact();
    }
}
