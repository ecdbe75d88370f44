package retazo.core.block;

import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.explain.Figure;
import retazo.core.measure.Length;

/**
 * The settings that decide what is cut for a unit.
 *
 * @param oversize how much larger a trimmed unit is sewn, zero or more
 */
public record UnitPractice(Figure<Length> seam, Figure<Length> cuttingStep, Figure<Length> oversize) {

    public static UnitPractice of(ShopPractice practice) {
        return new UnitPractice(
                practice.figure(PracticeMeasure.SEAM_ALLOWANCE),
                practice.figure(PracticeMeasure.CUTTING_STEP),
                practice.figure(PracticeMeasure.HALF_SQUARE_OVERSIZE));
    }
}
