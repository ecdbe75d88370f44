package retazo.app.shelf;

import java.util.List;
import java.util.stream.IntStream;
import retazo.app.runs.progress.KitDemand;
import retazo.app.shared.Moments;
import retazo.app.shared.Words;

/**
 * What was sold of a kit, drawn week by week.
 *
 * @param width of the drawing
 * @param line  what the weeks say together
 * @param scale from when they are, and how high the highest is
 */
record SoldWeeks(List<Bar> bars, int width, String line, String scale) {

    private static final int HIGH = 96;
    private static final int STEP = 14;
    private static final int WIDE = 11;

    /** A week; {@code busiest} is for drawings that mark some of them. */
    record Bar(int x, int y, int high, boolean busiest, String text) {
    }

    static SoldWeeks of(KitDemand.SoldByWeek sold, Words words) {
        int most = sold.bags().stream().mapToInt(Integer::intValue).max().orElse(0);
        int last = sold.bags().size() - 1;
        List<Bar> bars = IntStream.rangeClosed(0, last).mapToObj(week -> {
            int bags = sold.bags().get(week);
            int high = most > 0 ? bags * HIGH / most : 0;
            return new Bar(
                    week * STEP, HIGH - high, high, false,
                    words.text("shelf.week-of", Moments.day(sold.first().plusWeeks(week)), bags));
        }).toList();
        return new SoldWeeks(
                bars, last * STEP + WIDE, words.text("shelf.weeks-sold", sold.all(), last),
                words.text("shelf.weeks-scale", Moments.day(sold.first()), most));
    }
}
