package retazo.core.block.shape;

import java.math.BigInteger;
import retazo.core.measure.ExactLength;
import retazo.core.measure.Length;

/**
 * Lengths around a slanted side, exact. Legs come doubled, so that half of an odd number of ticks is not lost.
 *
 * <p>Only the shape of the triangle enters beside the seam, so its legs are first brought to lowest terms.
 */
public final class RightTriangle {

    private final Length doubledLeg;
    private final long leg;
    private final long other;

    /** A right triangle with twice its legs, each above zero, or the leg zero. */
    public RightTriangle(Length doubledLeg, Length doubledOther) {
        long divisor = BigInteger.valueOf(doubledLeg.ticks()).gcd(BigInteger.valueOf(doubledOther.ticks())).longValueExact();
        this.doubledLeg = doubledLeg;
        this.leg = doubledLeg.ticks() / divisor;
        this.other = doubledOther.ticks() / divisor;
    }

    private long squaredHypotenuse() {
        return Math.addExact(Math.multiplyExact(leg, leg), Math.multiplyExact(other, other));
    }

    /** s · c ÷ other: what the seam s takes along the first leg's direction, c the slanted side. */
    public ExactLength along(Length seam) {
        return ExactLength.root(seam, squaredHypotenuse(), 0).dividedBy(other);
    }

    /** s · leg ÷ other. */
    public ExactLength lean(Length seam) {
        return ExactLength.of(seam).times(leg).dividedBy(other);
    }

    /**
     * The first leg as it is cut: w + s(w + h + c) ÷ h.
     *
     * <p>Source: moved outward by s, a triangle keeps its shape and its inscribed radius r grows to r + s, so each leg
     * grows by w·s ÷ r; with r = (w + h − c) ÷ 2 and (w + h − c)(w + h + c) = 2wh that is s(w + h + c) ÷ h. For w = h it
     * is s(2 + √2). A leg of 3 beside one of 4 at ¼: 3 + ¼ · 12 ÷ 4 = 3¾.
     */
    public ExactLength cutLeg(Length seam) {
        return ExactLength.of(doubledLeg).dividedBy(2).plus(lean(seam)).plus(ExactLength.of(seam)).plus(along(seam));
    }
}
