package retazo.core.cutting;

import retazo.core.cutting.strip.CutPlan;
import retazo.core.cutting.strip.CutPlanCheck;
import retazo.core.cutting.strip.CutPlans;
import retazo.core.cutting.strip.CutRequest;
import retazo.core.cutting.strip.CutStrip;
import retazo.core.explain.Figure;
import retazo.core.measure.Length;

/**
 * Several kits of one cloth cut together by the shop, against each by itself.
 *
 * @param kits  how many, 1 or more
 * @param laid  one plan for all of them, squared once
 * @param apart so many times the length of one
 * @param layers how many are cut at a time, 1 or more
 */
public record ClothBatch(int kits, LaidCloth laid, Length apart, int layers) {

    /** The most kits that are cut in one go. */
    public static final int MOST_KITS = 200;

    /**
     * @param one      the cloth of one kit
     * @param squaring lost once
     * @param layers   how many the shop cuts at a time, 1 or more
     * @param plans    whom to ask how the rectangles are laid
     * @throws IllegalArgumentException if there are no kits, too many, or no layer
     */
    public static ClothBatch of(LaidCloth one, Figure<Length> squaring, int kits, int layers, CutPlans plans) {
        if (kits < 1 || kits > MOST_KITS || layers < 1) {
            throw new IllegalArgumentException(kits + " kits in " + layers + " layers are no batch.");
        }
        CutRequest all = one.request().times(kits);
        CutPlan plan = plan(one, all, kits, plans);
        LaidCloth laid = LaidCloth.of(one.length().key() + ".times" + kits, all, one.parts(), one.fromLeftOvers(), plan, squaring);
        return new ClothBatch(kits, laid, one.length().value().times(kits), layers);
    }

    /** One plan for all of them, if it is shorter and stands the check; else that of one so many times. */
    private static CutPlan plan(LaidCloth one, CutRequest all, int kits, CutPlans plans) {
        CutPlan each = new CutPlan(
                one.strips().stream().map(LaidCloth.Strip::cut)
                        .map(strip -> new CutStrip(Math.multiplyExact(strip.times(), kits), strip.height(), strip.pieces(), strip.rests()))
                        .toList(),
                Length.ZERO);
        if (kits == 1 || one.strips().isEmpty()) {
            return each;
        }
        CutPlan together = plans.plan(all);
        boolean stands = together.length().isShorterThan(each.length()) && CutPlanCheck.faults(all, together).isEmpty();
        return stands
                ? together
                : new CutPlan(each.strips(), together.bound().isLongerThan(each.length()) ? Length.ZERO : together.bound());
    }

    /** What they take together; never more than each by itself. */
    public Figure<Length> together() {
        return laid.length();
    }

    /** How many strips the plan has. */
    public long strips() {
        return laid.strips().stream().mapToLong(strip -> strip.cut().times()).sum();
    }

    /**
     * How many stacks its strips are, alike ones on top of each other, with those of other cloths that are cut by the same list:
     * the sum over
     * its kinds of strip of ⌈strips × cloths ÷ layers⌉.
     *
     * @param cloths this one and those beside it, 1 or more
     */
    public long stacks(int cloths) {
        return laid.strips().stream().mapToLong(strip -> -Math.floorDiv(-Math.multiplyExact(strip.cut().times(), cloths), layers)).sum();
    }

    /** How much less they take together: strips that are shared, and the squaring of all but one. */
    public Length saved() {
        return apart.minus(laid.length().value());
    }
}
