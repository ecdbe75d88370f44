package retazo.core.cloth;

import retazo.core.measure.Length;

/**
 * The measure of a strip, a square or a quarter.
 *
 * @param length the longer side
 * @param width  the shorter side, above zero
 */
public record SheetSize(Length length, Length width) {

    /**
     * @throws IllegalArgumentException if the width is not above zero, or longer than the length
     */
    public SheetSize {
        if (!width.isPositive() || width.isLongerThan(length)) {
            throw new IllegalArgumentException("A sheet of " + width + " × " + length + " is none.");
        }
    }

    /** From two sides in any order. */
    public static SheetSize of(Length one, Length other) {
        return one.isLongerThan(other) ? new SheetSize(one, other) : new SheetSize(other, one);
    }

    /** Whether a rectangle comes out of it, one way round or the other. */
    public boolean holds(Length one, Length other) {
        Length longer = one.isLongerThan(other) ? one : other;
        Length shorter = one.isLongerThan(other) ? other : one;
        return !longer.isLongerThan(length) && !shorter.isLongerThan(width);
    }

    /** From half inches. */
    static SheetSize ofHalves(int length, int width) {
        return new SheetSize(Length.ofInches(length, 2), Length.ofInches(width, 2));
    }
}
