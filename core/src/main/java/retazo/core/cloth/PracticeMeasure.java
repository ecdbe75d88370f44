package retazo.core.cloth;

import java.util.List;

import retazo.core.measure.Length;

/** A length that a shop sets once for all its figures, with the least and the most that make sense. */
public enum PracticeMeasure {
    /** Cloth on each side of a seam: 1/4 in by default. */
    SEAM_ALLOWANCE("seamAllowance", Length.ofInches(1, 8), Length.ofInches(1)),
    /** What can be used of the width of fabric: 40 in is the cautious figure. */
    USABLE_WIDTH("usableWidth", Length.ofInches(10), Length.ofInches(130)),
    /** Cloth lost once at the end of a length to cut it straight: 1 in by default. */
    SQUARING("squaring", Length.ZERO, Length.ofInches(6)),
    /** The finest step of a ruler to which a size with a root in it is rounded up: 1/8 in by default. */
    CUTTING_STEP("cuttingStep", Length.ofInches(1, 64), Length.ofInches(1)),
    /** How much larger half-square triangles are sewn before they are trimmed: 1/8 in by default, 0 for exact. */
    HALF_SQUARE_OVERSIZE("halfSquareOversize", Length.ZERO, Length.ofInches(1)),
    /** How much larger hourglass units are sewn before they are trimmed: 1/8 in by default. */
    HOURGLASS_OVERSIZE("hourglassOversize", Length.ZERO, Length.ofInches(1)),
    /** How much larger three-patch triangle units are sewn before they are trimmed: 1/8 in by default. */
    THREE_PATCH_OVERSIZE("threePatchOversize", Length.ZERO, Length.ofInches(1)),
    /** How much larger flying geese are sewn before they are trimmed: 0 by default, exact. */
    GEESE_OVERSIZE("geeseOversize", Length.ZERO, Length.ofInches(1)),
    /** How much larger clipped corners are sewn before they are trimmed: 0 by default, exact. */
    CLIPPED_OVERSIZE("clippedOversize", Length.ZERO, Length.ofInches(1)),
    /** How much larger a square in a square is sewn before it is trimmed: 0 by default, exact. */
    SQUARE_IN_SQUARE_OVERSIZE("squareInSquareOversize", Length.ZERO, Length.ofInches(1)),
    /** How much larger half-rectangle triangles are sewn before they are trimmed: 1/8 in by default. */
    HALF_RECTANGLE_OVERSIZE("halfRectangleOversize", Length.ZERO, Length.ofInches(1)),
    /** Cloth lost to squaring the end of each strip set: none by default. */
    STRIP_SET_LOSS("stripSetLoss", Length.ZERO, Length.ofInches(6)),
    /** What is added to the length of each border piece, to trim: 2 in by default. */
    BORDER_TRIM("borderTrim", Length.ZERO, Length.ofInches(12)),
    /** The width to which binding strips are cut: 2 1/4 in by default. */
    BINDING_WIDTH("bindingWidth", Length.ofInches(1), Length.ofInches(6)),
    /** The same for thick cloth: 2 1/2 in by default. */
    THICK_BINDING_WIDTH("thickBindingWidth", Length.ofInches(1), Length.ofInches(6)),
    /** What the backing is larger than the quilt on every side: 4 in by default. */
    BACKING_OVERAGE("backingOverage", Length.ZERO, Length.ofInches(12)),
    /** Lengths are sold in whole steps of this: 1/8 yd by default. */
    SELLING_STEP("sellingStep", Length.ofMillimetres(1), Length.ofYards(2, 1)),
    /** A second step in which lengths are sold, such as a third of a yard beside eighths; none by default. */
    OTHER_SELLING_STEP("otherSellingStep", Length.ZERO, Length.ofYards(2, 1)),
    /** A third step in which lengths are sold; none by default. */
    THIRD_SELLING_STEP("thirdSellingStep", Length.ZERO, Length.ofYards(2, 1)),
    /** A rest this long or longer can be sold: 1/2 yd by default. */
    SHORTEST_REMNANT("shortestRemnant", Length.ofInches(1), Length.ofYards(3, 1)),
    /** A rest up to this long counts as nothing left: 2 in by default. */
    NOTHING("nothing", Length.ZERO, Length.ofYards(1, 2)),
    /** By how much a bolt that was measured may be shorter than the book says: nothing by default. */
    BOLT_TOLERANCE("boltTolerance", Length.ZERO, Length.ofYards(1, 1)),
    /** The same for a bolt that nobody measured: nothing by default, and not less than for one that was. */
    UNMEASURED_TOLERANCE("unmeasuredTolerance", Length.ZERO, Length.ofYards(3, 1));

    /** The steps in which lengths are sold; all but the first may be zero, which is none. */
    public static final List<PracticeMeasure> SELLING_STEPS = List.of(SELLING_STEP, OTHER_SELLING_STEP, THIRD_SELLING_STEP);

    private final String key;
    private final Length least;
    private final Length most;

    PracticeMeasure(String key, Length least, Length most) {
        this.key = key;
        this.least = least;
        this.most = most;
    }

    /** Its name in forms, addresses and files. */
    public String key() {
        return key;
    }

    /** The least allowed, inclusive. */
    public Length least() {
        return least;
    }

    /** The most allowed, inclusive. */
    public Length most() {
        return most;
    }
}
