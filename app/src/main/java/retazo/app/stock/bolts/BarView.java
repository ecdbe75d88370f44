package retazo.app.stock.bolts;

import retazo.app.stock.Bolt;
import retazo.core.measure.Length;

/**
 * A bolt as a bar, to one scale with the others on the page.
 *
 * @param free     width of the free part, 1000 being the longest bolt
 * @param reserved width of the reserved part, which lies behind the free one
 */
record BarView(long free, long reserved) {

    static BarView of(Bolt bolt, Length longest) {
        if (!longest.isPositive()) {
            return new BarView(0, 0);
        }
        long all = bolt.onHand().ticks() * 1000 / longest.ticks();
        long free = bolt.free().ticks() * 1000 / longest.ticks();
        return new BarView(free, all - free);
    }
}
