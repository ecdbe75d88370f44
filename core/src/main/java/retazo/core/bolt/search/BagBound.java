package retazo.core.bolt.search;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * How much bags no plan can exceed, each bag counted with its worth, and in which numbers of each group they would come near it.
 *
 * <p>The linear program: as many bags as are asked at most, of every counted good no more than can be picked, and of every fabric no more
 * lengths than a mixture of supplies gives, where a supply is what one choice of cut sets for all bolts gives. Supplies are drawn up as
 * the prices of lengths ask for them ({@link PricedSets}). For any prices {@code π ≥ 0}, {@code Σ asked · max(0, worth − Σ π)} over
 * groups, plus what all bolts and goods are worth at those prices, is a bound: a bag pays the prices of what it takes, or is counted at
 * what is left of its worth. It is worked out in whole numbers, so it is a proof whatever the program's rounding was.
 */
final class BagBound {

    private static final long ONE = 1L << 24;
    private static final int MOST_ROUNDS = 160;
    private static final int MOST_EXCHANGES = 2_000;
    private static final double NOTHING = 1e-5;

    private final List<FabricUnits> fabrics;
    private final GoodUnits goods;
    private final int[] asked;
    private final int[] worth;
    private final GrowingProgram program;
    private final int[] bagVariables;
    private final long[][] prices;
    private final long[] boltWorth;
    private long bound;

    /**
     * @param asked how many bags of each group at most
     * @param worth of a bag of each group, zero or more
     */
    BagBound(List<FabricUnits> fabrics, GoodUnits goods, int[] asked, int[] worth) {
        this.fabrics = fabrics;
        this.goods = goods;
        this.asked = asked.clone();
        this.worth = worth.clone();
        int groups = asked.length;
        double[] rightSides = new double[firstGood() + goods.size()];
        for (int group = 0; group < groups; group++) {
            rightSides[group] = asked[group];
        }
        for (int fabric = 0; fabric < fabrics.size(); fabric++) {
            rightSides[row(fabric) + groups] = 1;
        }
        for (int good = 0; good < goods.size(); good++) {
            rightSides[firstGood() + good] = goods.free(good);
        }
        this.program = new GrowingProgram(rightSides);
        this.bagVariables = new int[groups];
        this.prices = new long[fabrics.size()][groups];
        this.boltWorth = new long[fabrics.size()];
        for (int group = 0; group < groups; group++) {
            bagVariables[group] = program.add(worth[group], bag(group, rightSides.length));
        }
        this.bound = IntStream.range(0, groups).mapToLong(group -> (long) asked[group] * worth[group]).sum();
        draw(rightSides.length);
    }

    /** The first row of a fabric: one for the lengths of each group, and one for the mixture. */
    private int row(int fabric) {
        return asked.length + fabric * (asked.length + 1);
    }

    private int firstGood() {
        return row(fabrics.size());
    }

    private double[] bag(int group, int rows) {
        double[] column = new double[rows];
        column[group] = 1;
        for (int fabric = 0; fabric < fabrics.size(); fabric++) {
            column[row(fabric) + group] = fabrics.get(fabric).lengths()[group] > 0 ? 1 : 0;
        }
        for (int good = 0; good < goods.size(); good++) {
            column[firstGood() + good] = goods.each(good, group);
        }
        return column;
    }

    private void draw(int rows) {
        boolean drawn = true;
        for (int round = 0; round < MOST_ROUNDS && drawn; round++) {
            program.solve(MOST_EXCHANGES);
            drawn = false;
            long worthNow = 0;
            long[] left = Arrays.stream(worth).mapToLong(each -> each * ONE).toArray();
            for (int fabric = 0; fabric < fabrics.size(); fabric++) {
                for (int group = 0; group < asked.length; group++) {
                    boolean takes = fabrics.get(fabric).lengths()[group] > 0;
                    prices[fabric][group] = takes ? Math.round(program.price(row(fabric) + group) * ONE) : 0;
                    left[group] -= prices[fabric][group];
                }
                PricedSets sets = new PricedSets(fabrics.get(fabric), prices[fabric]);
                boltWorth[fabric] = sets.worth();
                worthNow += sets.worth();
                double before = program.price(row(fabric) + asked.length);
                if ((double) sets.worth() / ONE > before + NOTHING) {
                    program.add(0, column(fabric, sets.supply(), rows));
                    drawn = true;
                }
            }
            worthNow += payForGoods(left);
            for (int group = 0; group < asked.length; group++) {
                worthNow += asked[group] * Math.max(0, left[group]);
            }
            bound = Math.min(bound, worthNow / ONE);
        }
    }

    /** Takes the prices of goods from what is left of the worth of bags; what all goods are worth. */
    private long payForGoods(long[] left) {
        long worthNow = 0;
        for (int good = 0; good < goods.size(); good++) {
            long price = Math.round(program.price(firstGood() + good) * ONE);
            worthNow += price * goods.free(good);
            for (int group = 0; group < left.length; group++) {
                left[group] -= price * goods.each(good, group);
            }
        }
        return worthNow;
    }

    private double[] column(int fabric, int[] supply, int rows) {
        double[] column = new double[rows];
        for (int group = 0; group < asked.length; group++) {
            column[row(fabric) + group] = -supply[group];
        }
        column[row(fabric) + asked.length] = 1;
        return column;
    }

    /** No plan is worth more. */
    int most() {
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

    /** By how much numbers of bags are beyond what bolts are worth at the last prices: those cannot be made. */
    long overpriced(int[] counts) {
        long over = 0;
        for (int fabric = 0; fabric < fabrics.size(); fabric++) {
            long price = 0;
            for (int group = 0; group < counts.length; group++) {
                price += counts[group] * prices[fabric][group];
            }
            over += Math.max(0, price - boltWorth[fabric]);
        }
        return over;
    }
}
