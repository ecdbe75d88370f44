package retazo.core.block.shape;

import java.math.BigInteger;
import java.util.List;
import retazo.core.cloth.RoleKey;

/**
 * A patch of one role as it is seen in the finished block or quilt.
 *
 * @param outline its corners in order, three or more; the last joins the first
 */
public record DrawnPatch(RoleKey role, List<Point> outline) {

    public DrawnPatch {
        outline = List.copyOf(outline);
        if (outline.size() < 3) {
            throw new IllegalArgumentException("An outline of " + outline.size() + " points encloses nothing.");
        }
    }

    /** Twice the area in square ticks, by the shoelace formula: |Σ xᵢ·yᵢ₊₁ − xᵢ₊₁·yᵢ|. */
    public BigInteger doubledAreaInSquareTicks() {
        BigInteger sum = BigInteger.ZERO;
        for (int i = 0; i < outline.size(); i++) {
            Point a = outline.get(i);
            Point b = outline.get((i + 1) % outline.size());
            sum = sum.add(product(a.x().ticks(), b.y().ticks())).subtract(product(b.x().ticks(), a.y().ticks()));
        }
        return sum.abs();
    }

    private static BigInteger product(long a, long b) {
        return BigInteger.valueOf(a).multiply(BigInteger.valueOf(b));
    }
}
