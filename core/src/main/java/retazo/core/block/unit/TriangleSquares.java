package retazo.core.block.unit;

import retazo.core.measure.ExactLength;
import retazo.core.measure.Length;

/**
 * The squares that right triangles with two equal legs are cut from, exact.
 *
 * <p>Source: moving the sides of such a triangle outward by s leaves its shape. Along a leg it grows by s at the right
 * angle and by s(1 + √2) at the 45° tip, where moving the other leg shifts the tip by s and moving the diagonal by s√2:
 * together s(2 + √2). Its long side is √2 legs and so grows by 2s(1 + √2).
 */
public final class TriangleSquares {

    private TriangleSquares() {
    }

    /** The square that cut once gives two triangles with this finished leg: F + 2s + s√2, 3⅞ for 3 in at ¼. */
    public static ExactLength cutOnce(ExactLength leg, Length seam) {
        return leg.plus(ExactLength.of(seam.times(2))).plus(ExactLength.rootTwo(seam));
    }

    /** The square that cut twice gives four triangles with this finished long side: F + 2s(1 + √2), 4¼ for 3 in at ¼. */
    public static ExactLength cutTwice(ExactLength longSide, Length seam) {
        return longSide.plus(ExactLength.of(seam.times(2))).plus(ExactLength.rootTwo(seam.times(2)));
    }
}
