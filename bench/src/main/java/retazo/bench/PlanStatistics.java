package retazo.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import retazo.core.cutting.strip.CutPlan;
import retazo.core.cutting.strip.CutPlanCheck;
import retazo.core.cutting.strip.CutPlanner;
import retazo.core.cutting.strip.CutRequest;
import retazo.core.cutting.strip.LaidPiece;
import retazo.core.measure.Length;

/**
 * How good cutting plans are: over seeded random cloths of up to 14 sizes and 2,000 pieces, the planned length against each size alone the
 * better way round (nothing rounded), and against the bound. Prints means and worst, then what a
 * plan takes; every plan is checked.
 */
public final class PlanStatistics {

    private static final int CLOTHS = 500;
    private static final int[] WIDTHS_IN_EIGHTHS = {320, 336, 328, 324, 344};
    private static final int[] STEPS_IN_EIGHTHS = {4, 4, 4, 2, 1};
    private static final int SHORTEST = 12;
    private static final int LONGEST = 120;

    private PlanStatistics() {
    }

    /** Takes the number of cloths, or none for 500. */
    public static void main(String[] arguments) {
        int cloths = arguments.length > 0 ? Integer.parseInt(arguments[0]) : CLOTHS;
        double alone = 0;
        double bound = 0;
        double worstAlone = 0;
        double worstBound = 0;
        int proved = 0;
        for (int seed = 0; seed < cloths; seed++) {
            CutRequest request = cloth(new Random(seed));
            CutPlan plan = new CutPlanner().plan(request);
            if (!CutPlanCheck.faults(request, plan).isEmpty()) {
                throw new IllegalStateException("The plan of cloth " + seed + " does not hold: " + CutPlanCheck.faults(request, plan));
            }
            double againstAlone = (double) plan.length().ticks() / eachAlone(request).ticks();
            double againstBound = (double) plan.length().ticks() / plan.bound().ticks();
            alone += againstAlone;
            bound += againstBound;
            worstAlone = Math.max(worstAlone, againstAlone);
            worstBound = Math.max(worstBound, againstBound);
            proved += plan.isProved() ? 1 : 0;
        }
        System.out.printf(
                "%d cloths: planned to each size alone, mean %.4f, worst %.4f; "
                        + "planned to bound, mean %.4f, worst %.4f; proved shortest %d%n",
                cloths, alone / cloths, worstAlone, bound / cloths, worstBound, proved);
        PlanTimes.print();
    }

    private static CutRequest cloth(Random random) {
        int sizes = 1 + random.nextInt(14);
        Length width = width(random);
        int total = random.nextInt(3) == 0 ? 100 + random.nextInt(1_900) : 20 + random.nextInt(400);
        return cloth(random, sizes, width, total);
    }

    private static Length width(Random random) {
        return Length.ofInches(WIDTHS_IN_EIGHTHS[random.nextInt(WIDTHS_IN_EIGHTHS.length)], 8);
    }

    static CutRequest cloth(Random random, int sizes, int total) {
        return cloth(random, sizes, width(random), total);
    }

    private static CutRequest cloth(Random random, int sizes, Length width, int total) {
        boolean someTurn = random.nextInt(3) > 0;
        List<LaidPiece> pieces = new ArrayList<>();
        for (int i = 0; i < sizes; i++) {
            Length across = side(random);
            Length along = random.nextInt(4) == 0
                    ? across
                    : i > 0 && random.nextInt(3) == 0 ? pieces.get(random.nextInt(i)).height() : side(random);
            int count = Math.max(1, (int) (total * (0.3 + random.nextDouble() * 1.4) / sizes));
            pieces.add(new LaidPiece("P" + i, across, along, count, someTurn && random.nextInt(3) > 0));
        }
        return CutRequest.of(width, pieces);
    }

    private static Length side(Random random) {
        int step = STEPS_IN_EIGHTHS[random.nextInt(STEPS_IN_EIGHTHS.length)];
        int eighths = SHORTEST + random.nextInt(LONGEST - SHORTEST);
        return Length.ofInches((long) step * Math.max(1, Math.round((float) eighths / step)), 8);
    }

    private static Length eachAlone(CutRequest request) {
        Length length = Length.ZERO;
        for (LaidPiece piece : request.pieces()) {
            Length upright = alone(request.usableWidth(), piece.width(), piece.height(), piece.count());
            Length turned = piece.mayTurn() ? alone(request.usableWidth(), piece.height(), piece.width(), piece.count()) : upright;
            length = length.plus(turned.isShorterThan(upright) ? turned : upright);
        }
        return length;
    }

    private static Length alone(Length usableWidth, Length across, Length along, int count) {
        long perStrip = usableWidth.wholeTimes(across).value();
        return along.times((count + perStrip - 1) / perStrip);
    }
}
