package retazo.core.buying;

import java.util.List;
import retazo.core.measure.Length;

/**
 * Bolts of one length that were ordered.
 *
 * @param count above zero
 * @param each  how long they were ordered, above zero
 */
public record OrderedBolts(int count, Length each) {

    public Length length() {
        return each.times(count);
    }

    /**
     * How many are still to come. Bolts come a little shorter or longer than they were ordered, so one that came stands for as many as it
     * is nearest to: 11 3/4 yd for a bolt of 12 yd, 5 yd for none of them, 24 yd for two; half a bolt for one.
     *
     * @param came the lengths of the bolts that came
     */
    public int stillToCome(List<Length> came) {
        long there = came.stream().mapToLong(length -> Math.floorDiv(2 * length.ticks() + each.ticks(), 2 * each.ticks())).sum();
        return (int) Math.max(0, count - there);
    }
}
