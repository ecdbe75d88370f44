package retazo.core.cutting.strip;

import java.util.Arrays;

/**
 * The sums of strip heights that can occur, in cells along the cloth: a plan is as long as one of them.
 *
 * <p>Of each class of lengths that leave the same rest by the least height it keeps the least sum in it (the Apéry set of the numerical
 * semigroup of the heights, found round robin, Böcker and Lipták): every longer length of the class is a sum too, the least height
 * once more. With H heights of which the least is h the work is H · h, however long the cloth.
 */
final class HeightSums {

    private static final long NONE = Long.MAX_VALUE;

    private final int step;
    private final long[] least;

    /** @param heights above zero, ascending, at least one */
    HeightSums(int[] heights) {
        this.step = heights[0];
        this.least = new long[step];
        Arrays.fill(least, NONE);
        least[0] = 0;
        for (int i = 1; i < heights.length; i++) {
            add(heights[i]);
        }
    }

    /** Adding a height goes through the classes in circles of the same rest by the greatest common divisor; two rounds settle a circle. */
    private void add(int height) {
        int circles = (int) StripCells.gcd(step, height);
        for (int first = 0; first < circles; first++) {
            int at = first;
            for (int i = 0; i < 2 * (step / circles); i++) {
                int next = (at + height % step) % step;
                if (least[at] != NONE) {
                    least[next] = Math.min(least[next], least[at] + height);
                }
                at = next;
            }
        }
    }

    /** The least sum that is no less than this length of zero or more. */
    long atLeast(long length) {
        long found = NONE;
        for (int rest = 0; rest < step; rest++) {
            if (least[rest] != NONE) {
                long inClass = length + Math.floorMod(rest - length, (long) step);
                found = Math.min(found, Math.max(inClass, least[rest]));
            }
        }
        return found;
    }

    /** For every length below the limit the least sum that reaches it; the limit where none below it does. */
    int[] next(int limit) {
        int[] next = new int[limit];
        int last = limit;
        for (int length = limit - 1; length >= 0; length--) {
            last = least[length % step] <= length ? length : last;
            next[length] = last;
        }
        return next;
    }
}
