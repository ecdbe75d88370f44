package retazo.core.quilt.size;

import java.util.Arrays;
import java.util.Comparator;

import retazo.core.block.shape.FinishedSize;
import retazo.core.measure.Length;

/** What customers usually ask for, finished. */
public enum CustomarySize {
    CRIB(36, 52),
    THROW(50, 65),
    TWIN(70, 90),
    FULL(84, 90),
    QUEEN(90, 95),
    KING(106, 95);

    private final Length width;
    private final Length height;

    CustomarySize(int width, int height) {
        this.width = Length.ofInches(width);
        this.height = Length.ofInches(height);
    }

    public Length width() {
        return width;
    }

    public Length height() {
        return height;
    }

    /** The one that a quilt misses by least, both sides added; the smaller on a tie. */
    public static CustomarySize nearest(FinishedSize quilt) {
        return Arrays.stream(values()).min(Comparator.comparing(size -> size.missedBy(quilt))).orElseThrow();
    }

    /** By how much a quilt is wider or narrower, and longer or shorter, added. */
    public Length missedBy(FinishedSize quilt) {
        return apart(quilt.width(), width).plus(apart(quilt.height(), height));
    }

    private static Length apart(Length one, Length other) {
        return one.isLongerThan(other) ? one.minus(other) : other.minus(one);
    }
}
