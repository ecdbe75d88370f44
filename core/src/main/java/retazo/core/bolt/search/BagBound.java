package retazo.core.bolt.search;

import java.util.Arrays;
import java.util.List;

/**
 * How many bags no plan can exceed, and in which numbers of each group they would come near it.
 *
 * <p>The linear program: as many bags as are asked at most, and of every fabric no more lengths than a mixture of supplies gives, where a
 * supply is what one choice of cut sets for all bolts gives. Supplies are drawn up as the prices of lengths ask for them ({@link
 * PricedSets}). For any prices {@code π ≥ 0}, {@code Σ asked · max(0, 1 − Σ π)} over groups, plus what all bolts are worth at those
 * prices, is a bound: a bag is worth one, and pays the prices of its lengths or is counted at what is left of it. It is worked out in
 * whole numbers, so it is a proof whatever the program's rounding was.
 */
final class BagBound {

    private static final long ONE = 1L << 24;
    private static final int MOST_ROUNDS = 160;
    private static final int MOST_EXCHANGES = 2_000;
    private static final double NOTHING = 1e-5;

    private final List<FabricUnits> fabrics;
    private final int[] asked;
    private final int[] firstRow;
    private final GrowingProgram program;
    private final int[] bagVariables;
    private final long[][] prices;
    private long bound;

    /** @param asked how many bags of each group at most */
    BagBound(List<FabricUnits> fabrics, int[] asked) {
        this.fabrics = fabrics;
        this.asked = asked.clone();
        int groups = asked.length;
        this.firstRow = new int[fabrics.size()];
        double[] rightSides = new double[groups + fabrics.size() * (groups + 1)];
        for (int group = 0; group < groups; group++) {
            rightSides[group] = asked[group];
        }
        for (int fabric = 0; fabric < fabrics.size(); fabric++) {
            firstRow[fabric] = groups + fabric * (groups + 1);
            rightSides[firstRow[fabric] + groups] = 1;
        }
        this.program = new GrowingProgram(rightSides);
        this.bagVariables = new int[groups];
        this.prices = new long[fabrics.size()][groups];
        for (int group = 0; group < groups; group++) {
            double[] column = new double[rightSides.length];
            column[group] = 1;
            for (int fabric = 0; fabric < fabrics.size(); fabric++) {
                column[firstRow[fabric] + group] = fabrics.get(fabric).lengths()[group] > 0 ? 1 : 0;
            }
            bagVariables[group] = program.add(1, column);
        }
        this.bound = sum(asked);
        draw(rightSides.length);
    }

    private static long sum(int[] counts) {
        long sum = 0;
        for (int count : counts) {
            sum += count;
        }
        return sum;
    }

    private void draw(int rows) {
        boolean drawn = true;
        for (int round = 0; round < MOST_ROUNDS && drawn; round++) {
            program.solve(MOST_EXCHANGES);
            drawn = false;
            long worth = 0;
            long[] left = new long[asked.length];
            Arrays.fill(left, ONE);
            long[][] now = new long[fabrics.size()][asked.length];
            for (int fabric = 0; fabric < fabrics.size(); fabric++) {
                for (int group = 0; group < asked.length; group++) {
                    boolean takes = fabrics.get(fabric).lengths()[group] > 0;
                    now[fabric][group] = takes ? Math.round(program.price(firstRow[fabric] + group) * ONE) : 0;
                    left[group] -= now[fabric][group];
                }
                PricedSets sets = new PricedSets(fabrics.get(fabric), now[fabric]);
                worth += sets.worth();
                double before = program.price(firstRow[fabric] + asked.length);
                if ((double) sets.worth() / ONE > before + NOTHING) {
                    program.add(0, column(fabric, sets.supply(), rows));
                    drawn = true;
                }
            }
            for (int group = 0; group < asked.length; group++) {
                worth += asked[group] * Math.max(0, left[group]);
            }
            bound = Math.min(bound, worth / ONE);
            keepPrices(now);
        }
    }

    private void keepPrices(long[][] now) {
        for (int fabric = 0; fabric < now.length; fabric++) {
            System.arraycopy(now[fabric], 0, prices[fabric], 0, asked.length);
        }
    }

    private double[] column(int fabric, int[] supply, int rows) {
        double[] column = new double[rows];
        for (int group = 0; group < asked.length; group++) {
            column[firstRow[fabric] + group] = -supply[group];
        }
        column[firstRow[fabric] + asked.length] = 1;
        return column;
    }

    /** No plan has more bags. */
    int bags() {
        return Math.toIntExact(bound);
    }

    /** The numbers of bags of each group, in parts of a bag, that the program would make. */
    double[] numbers() {
        double[] numbers = new double[asked.length];
        for (int group = 0; group < asked.length; group++) {
            numbers[group] = Math.min(asked[group], program.taken(bagVariables[group]));
        }
        return numbers;
    }

    /** The price of a length of a fabric for a group, of which {@code 2²⁴} are a bag. */
    long price(int fabric, int group) {
        return prices[fabric][group];
    }
}
