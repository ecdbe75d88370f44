package retazo.core.block.spec;

import java.util.EnumMap;
import java.util.Map;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.explain.Figure;
import retazo.core.measure.Length;

/**
 * The settings that decide what is cut for a unit.
 *
 * @param oversizes    how much larger units of a kind are sewn before they are trimmed, zero or more
 * @param stripSetLoss cloth lost to squaring the end of a strip set
 */
public record UnitPractice(
        Figure<Length> seam, Figure<Length> cuttingStep, Map<UnitKind, Figure<Length>> oversizes, Figure<Length> stripSetLoss) {

    public UnitPractice {
        oversizes = Map.copyOf(oversizes);
    }

    public static UnitPractice of(ShopPractice practice) {
        Map<UnitKind, Figure<Length>> oversizes = new EnumMap<>(UnitKind.class);
        for (UnitKind kind : UnitKind.values()) {
            kind.oversize().ifPresent(measure -> oversizes.put(kind, practice.figure(measure)));
        }
        return new UnitPractice(
                practice.figure(PracticeMeasure.SEAM_ALLOWANCE),
                practice.figure(PracticeMeasure.CUTTING_STEP),
                oversizes,
                practice.figure(PracticeMeasure.STRIP_SET_LOSS));
    }

    /**
     * @throws IllegalArgumentException if units of this kind are not trimmed
     */
    public Figure<Length> oversize(UnitKind kind) {
        Figure<Length> oversize = oversizes.get(kind);
        if (oversize == null) {
            throw new IllegalArgumentException("Units of kind " + kind + " are not trimmed.");
        }
        return oversize;
    }
}
