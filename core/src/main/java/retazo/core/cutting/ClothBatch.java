package retazo.core.cutting;

import java.util.List;
import retazo.core.explain.Figure;
import retazo.core.measure.Length;

/**
 * Several kits of one cloth cut together by the shop, against each by itself.
 *
 * @param kits  how many, 1 or more
 * @param laid  one plan for all of them, squared once
 * @param apart so many times the length of one
 * @param stacks how many stacks its strips are, alike ones on top of each other
 */
public record ClothBatch(int kits, LaidCloth laid, Length apart, long stacks) {

    /** The most kits that are cut in one go. */
    public static final int MOST_KITS = 200;

    /**
     * @param one      the cloth of one kit
     * @param squaring lost once
     * @param layers   how many the shop cuts at a time, 1 or more
     * @throws IllegalArgumentException if there are no kits, too many, or no layer
     */
    public static ClothBatch of(LaidCloth one, Figure<Length> squaring, int kits, int layers) {
        if (kits < 1 || kits > MOST_KITS || layers < 1) {
            throw new IllegalArgumentException(kits + " kits in " + layers + " layers are no batch.");
        }
        CutRequest all = one.request().times(kits);
        CutPlan plan = one.strips().isEmpty() ? new CutPlan(List.of(), Length.ZERO) : PlanMemory.SHARED.plan(all, new CutPlanner()::plan);
        LaidCloth laid = LaidCloth.of(one.length().key() + ".times" + kits, all, one.parts(), one.fromLeftOvers(), plan, squaring);
        long stacks = plan.strips().stream().mapToLong(strip -> -Math.floorDiv(-strip.times(), layers)).sum();
        return new ClothBatch(kits, laid, one.length().value().times(kits), stacks);
    }

    /** What they take together. */
    public Figure<Length> together() {
        return laid.length();
    }

    /** How many strips the plan has. */
    public long strips() {
        return laid.strips().stream().mapToLong(strip -> strip.cut().times()).sum();
    }

    /** Whether they take less together. */
    public boolean saves() {
        return saved().isPositive();
    }

    /** How much less they take together; below zero where a plan for all of them found nothing shorter. */
    public Length saved() {
        return apart.minus(laid.length().value());
    }
}
