package retazo.core.cutting.strip;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The least total cost of columns that together cover demands: min c·x with A·x ≥ d, x ≥ 0, fractions allowed. Columns can be added
 * while it is being solved.
 *
 * <p>The revised simplex method with an explicit inverse of the basis (Dantzig), started from columns that each cover one demand
 * alone. Costs and fractions are approximate: they lead the search for patterns, and no length is taken from them. Each step takes
 * m² for m demands and m for each column.
 */
final class CoveringProgram {

    private static final double EPSILON = 1e-9;
    private static final int MOST_STEPS = 5_000;
    private static final int FIRST_ROOM = 64;

    private final int rows;
    private final List<double[]> columns = new ArrayList<>();
    private double[] costs;
    private final int[] basis;
    private final double[][] inverse;
    private final double[] level;
    private final double[] prices;

    /**
     * @param demands above zero
     * @param covers  how much of each demand its own starting column covers, above zero
     * @param costs   of the starting columns
     */
    CoveringProgram(double[] demands, double[] covers, double[] costs) {
        this.rows = demands.length;
        this.costs = Arrays.copyOf(costs, Math.max(FIRST_ROOM, 2 * rows));
        this.basis = new int[rows];
        this.inverse = new double[rows][rows];
        this.level = new double[rows];
        this.prices = new double[rows];
        for (int row = 0; row < rows; row++) {
            double[] column = new double[rows];
            column[row] = covers[row];
            columns.add(column);
            basis[row] = row;
            inverse[row][row] = 1 / covers[row];
            level[row] = demands[row] / covers[row];
        }
    }

    /** Columns are numbered as they come, after the starting ones. */
    void add(double[] column, double cost) {
        if (columns.size() == costs.length) {
            costs = Arrays.copyOf(costs, 2 * costs.length);
        }
        costs[columns.size()] = cost;
        columns.add(column);
    }

    /** Goes on to the least cost with the columns that are there. */
    void solve() {
        for (int step = 0; step < MOST_STEPS; step++) {
            price();
            double least = -EPSILON;
            int entering = Integer.MIN_VALUE;
            for (int row = 0; row < rows; row++) {
                if (prices[row] < least) {
                    least = prices[row];
                    entering = -row - 1;
                }
            }
            for (int column = 0; column < columns.size(); column++) {
                double reduced = (costs[column] - worth(columns.get(column))) / Math.max(1, costs[column]);
                if (reduced < least) {
                    least = reduced;
                    entering = column;
                }
            }
            if (entering == Integer.MIN_VALUE || !pivot(entering)) {
                return;
            }
        }
    }

    private void price() {
        for (int row = 0; row < rows; row++) {
            double price = 0;
            for (int i = 0; i < rows; i++) {
                price += cost(basis[i]) * inverse[i][row];
            }
            prices[row] = price;
        }
    }

    /** A negative number stands for the surplus of a row, which costs nothing. */
    private double cost(int column) {
        return column < 0 ? 0 : costs[column];
    }

    private double worth(double[] column) {
        double worth = 0;
        for (int row = 0; row < rows; row++) {
            worth += prices[row] * column[row];
        }
        return worth;
    }

    private boolean pivot(int entering) {
        double[] direction = new double[rows];
        for (int i = 0; i < rows; i++) {
            for (int row = 0; row < rows; row++) {
                direction[i] += entering < 0
                        ? (row == -entering - 1 ? -inverse[i][row] : 0)
                        : inverse[i][row] * columns.get(entering)[row];
            }
        }
        int leaving = leaving(direction);
        if (leaving < 0) {
            return false;
        }
        double by = direction[leaving];
        for (int row = 0; row < rows; row++) {
            inverse[leaving][row] /= by;
        }
        level[leaving] /= by;
        for (int i = 0; i < rows; i++) {
            if (i != leaving && direction[i] != 0) {
                for (int row = 0; row < rows; row++) {
                    inverse[i][row] -= direction[i] * inverse[leaving][row];
                }
                level[i] = Math.max(0, level[i] - direction[i] * level[leaving]);
            }
        }
        basis[leaving] = entering;
        return true;
    }

    private int leaving(double[] direction) {
        int leaving = -1;
        for (int i = 0; i < rows; i++) {
            if (direction[i] > EPSILON && (leaving < 0
                    || level[i] * direction[leaving] < level[leaving] * direction[i] - EPSILON)) {
                leaving = i;
            }
        }
        return leaving;
    }

    /** What one more of each demand would cost, zero or more. */
    double[] prices() {
        price();
        double[] result = new double[rows];
        for (int row = 0; row < rows; row++) {
            result[row] = Math.max(0, prices[row]);
        }
        return result;
    }

    /** How often a column is taken. */
    double level(int column) {
        for (int i = 0; i < rows; i++) {
            if (basis[i] == column) {
                return level[i];
            }
        }
        return 0;
    }
}
