package retazo.core.cutting;

import retazo.core.measure.Length;

/**
 * Several kits of one cloth cut together by the shop, against each by itself.
 *
 * @param kits     how many, 1 or more
 * @param together one plan for all of them, squared once
 * @param apart    so many times the length of one
 * @param strips   how many strips the plan has
 * @param stacks   how many stacks these are, alike ones on top of each other
 */
public record ClothBatch(int kits, Length together, Length apart, long strips, long stacks) {

    /** The most kits that are cut in one go. */
    public static final int MOST_KITS = 200;

    /**
     * @param one      the cloth of one kit
     * @param squaring lost once
     * @param layers   how many the shop cuts at a time, 1 or more
     * @throws IllegalArgumentException if there are no kits, too many, or no layer
     */
    public static ClothBatch of(LaidCloth one, Length squaring, int kits, int layers) {
        if (kits < 1 || kits > MOST_KITS || layers < 1) {
            throw new IllegalArgumentException(kits + " kits in " + layers + " layers are no batch.");
        }
        CutPlan plan = PlanMemory.SHARED.plan(one.request().times(kits), new CutPlanner());
        Length apart = one.length().value().times(kits);
        Length together = plan.length().plus(squaring);
        return new ClothBatch(
                kits,
                together.isLongerThan(apart) ? apart : together,
                apart,
                plan.strips().stream().mapToLong(CutStrip::times).sum(),
                plan.strips().stream().mapToLong(strip -> -Math.floorDiv(-strip.times(), layers)).sum());
    }

    /** How much less they take together. */
    public Length saved() {
        return apart.minus(together);
    }
}
