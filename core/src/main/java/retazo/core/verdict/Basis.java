package retazo.core.verdict;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import retazo.core.cloth.Margin;
import retazo.core.cloth.SellingSteps;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;
import retazo.core.quilt.setting.Use;

/**
 * A way of working a length out.
 *
 * @param practice  widths, overages and seams
 * @param squaring  whether the end of the cloth is squared
 * @param pieces    what becomes of pieces
 * @param without   uses that are left out
 * @param partStep  to what each strip length is rounded before they are added up; empty where only the sum is
 * @param margin    on the sum
 * @param rounding  of the sum
 * @param backWidth usable width of the cloth that a backing is cut from; empty for the same as all else
 */
record Basis(
        ShopPractice practice, boolean squaring, Pieces pieces, Set<Use.Place> without, Optional<Length> partStep, Margin margin,
        Rounding rounding, Optional<Length> backWidth) {

    /** How pieces are cut. */
    enum Pieces {
        AS_THEY_ARE,
        /** Rectangles with their other side across the cloth. */
        THE_LONG_WAY,
        /** Long strips as wide as they finish. */
        STRIPS_AS_FINISHED,
        /** Patches as large as they finish. */
        PATCHES_AS_FINISHED,
        /** The backing with its seams the other way. */
        OTHER_SEAMS
    }

    /**
     * To which step, and whether to the nearest.
     *
     * @param others further steps, of which the nearest above counts
     */
    record Rounding(Length step, List<Length> others, boolean nearest) {

        static Rounding up(Length step) {
            return new Rounding(step, List.of(), false);
        }

        static Rounding toNearest(Length step) {
            return new Rounding(step, List.of(), true);
        }

        Length of(Length length) {
            Length up = length.roundedUpTo(step);
            if (nearest) {
                return up.minus(length).times(2).isLongerThan(step) ? up.minus(step) : up;
            }
            return others.stream().map(length::roundedUpTo).reduce(up, (one, other) -> other.isShorterThan(one) ? other : one);
        }
    }

    static Basis of(ShopPractice practice, SellingSteps steps) {
        return new Basis(
                practice, true, Pieces.AS_THEY_ARE, Set.of(), Optional.empty(), new Margin.None(),
                new Rounding(steps.lengths().get(0), steps.lengths().subList(1, steps.lengths().size()), false), Optional.empty());
    }

    Basis with(ShopPractice other) {
        return new Basis(other, squaring, pieces, without, partStep, margin, rounding, backWidth);
    }

    Basis notSquared() {
        return new Basis(practice, false, pieces, without, partStep, margin, rounding, backWidth);
    }

    Basis with(Pieces other) {
        return new Basis(practice, squaring, other, without, partStep, margin, rounding, backWidth);
    }

    Basis leavingOut(Use.Place place) {
        return new Basis(practice, squaring, pieces, Set.of(place), partStep, margin, rounding, backWidth);
    }

    Basis roundingParts(Length step) {
        return new Basis(practice, squaring, pieces, without, Optional.of(step), margin, rounding, backWidth);
    }

    Basis with(Margin other) {
        return new Basis(practice, squaring, pieces, without, partStep, other, rounding, backWidth);
    }

    Basis with(Rounding other) {
        return new Basis(practice, squaring, pieces, without, partStep, margin, other, backWidth);
    }

    /** The same with the backing from a wide fabric. */
    Basis backedOn(Length wide) {
        return new Basis(practice, squaring, pieces, without, partStep, margin, rounding, Optional.of(wide));
    }
}
