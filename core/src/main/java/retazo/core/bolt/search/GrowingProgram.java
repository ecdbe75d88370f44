package retazo.core.bolt.search;

import java.util.Arrays;

/**
 * A linear program to which variables are added: the greatest {@code Σ worth · x} with {@code Σ column · x ≤ right side} in every row and
 * {@code x ≥ 0}, where no right side is negative. By the simplex method on a full tableau, whose slack columns hold the inverse of the
 * basis, so that a new column is brought up to date by them. Right sides of zero are raised by a trifle, since the program would go in
 * circles otherwise: what it answers is near the truth, and whoever needs a proof has to make it from the {@link #prices}.
 */
final class GrowingProgram {

    private static final double TRIFLE = 1e-6;
    private static final double NOTHING = 1e-9;

    private final int rows;
    private final double[][] tableau;
    private final double[] rightSides;
    private final int[] basis;
    private double[] gain;
    private int columns;

    GrowingProgram(double[] rightSides) {
        this.rows = rightSides.length;
        this.rightSides = rightSides.clone();
        this.tableau = new double[rows][];
        this.basis = new int[rows];
        this.columns = rows;
        this.gain = new double[2 * rows];
        for (int row = 0; row < rows; row++) {
            this.rightSides[row] += TRIFLE * (row + 1) / rows;
            tableau[row] = new double[2 * rows];
            tableau[row][row] = 1;
            basis[row] = row;
        }
    }

    /** Adds a variable; its number. */
    int add(double worth, double[] column) {
        if (columns == gain.length) {
            gain = Arrays.copyOf(gain, columns * 2);
            for (int row = 0; row < rows; row++) {
                tableau[row] = Arrays.copyOf(tableau[row], columns * 2);
            }
        }
        double gained = worth;
        for (int row = 0; row < rows; row++) {
            gained += gain[row] * column[row];
            double now = 0;
            for (int slack = 0; slack < rows; slack++) {
                if (column[slack] != 0) {
                    now += tableau[row][slack] * column[slack];
                }
            }
            tableau[row][columns] = now;
        }
        gain[columns] = gained;
        return columns++;
    }

    /** Exchanges variables until none gains, at most so many. */
    void solve(int mostExchanges) {
        for (int exchange = 0; exchange < mostExchanges; exchange++) {
            int enters = 0;
            for (int column = 1; column < columns; column++) {
                enters = gain[column] > gain[enters] ? column : enters;
            }
            int leaves = gain[enters] > NOTHING ? leaving(enters) : -1;
            if (leaves < 0) {
                return;
            }
            exchange(leaves, enters);
        }
    }

    private int leaving(int enters) {
        int leaves = -1;
        double least = Double.MAX_VALUE;
        for (int row = 0; row < rows; row++) {
            if (tableau[row][enters] > NOTHING) {
                double most = rightSides[row] / tableau[row][enters];
                if (most < least) {
                    least = most;
                    leaves = row;
                }
            }
        }
        return leaves;
    }

    private void exchange(int leaves, int enters) {
        double[] pivot = tableau[leaves];
        double by = pivot[enters];
        for (int column = 0; column < columns; column++) {
            pivot[column] /= by;
        }
        rightSides[leaves] /= by;
        for (int row = 0; row < rows; row++) {
            double times = tableau[row][enters];
            if (row != leaves && times != 0) {
                subtract(tableau[row], pivot, times);
                rightSides[row] = Math.max(0, rightSides[row] - times * rightSides[leaves]);
            }
        }
        subtract(gain, pivot, gain[enters]);
        basis[leaves] = enters;
    }

    private void subtract(double[] from, double[] pivot, double times) {
        for (int column = 0; column < columns; column++) {
            from[column] -= times * pivot[column];
        }
    }

    /** What one more on the right side of a row would be worth. */
    double price(int row) {
        return Math.max(0, -gain[row]);
    }

    /** How much of a variable is taken. */
    double taken(int variable) {
        for (int row = 0; row < rows; row++) {
            if (basis[row] == variable) {
                return rightSides[row];
            }
        }
        return 0;
    }
}
