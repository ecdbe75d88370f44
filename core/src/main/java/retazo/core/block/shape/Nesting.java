package retazo.core.block.shape;

import java.util.List;
import java.util.TreeSet;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/**
 * Outlines laid side by side on a strip as high as they are.
 *
 * <p>A copy may follow as closely as at no height its left edge lies left of the right edge of the one before; both edges
 * are straight between corners, so the closest distance is found at the height of a corner of either. All one way, or
 * alternately turned by half: whichever gives more.
 */
final class Nesting {

    private final Polygon outline;
    private final Polygon turned;

    Nesting(List<Point> points) {
        outline = Polygon.of(points).normal();
        Length width = outline.width();
        Length height = outline.height();
        turned = Polygon.of(outline.points().stream()
                .map(point -> new Point(width.minus(point.x()), height.minus(point.y())))
                .toList());
    }

    /**
     * How many one strip gives; 0 if it is wider than the cloth.
     *
     * @param mayTurn whether copies may be turned by half
     */
    Count perStrip(Length usableWidth, boolean mayTurn) {
        long room = usableWidth.minus(outline.width()).ticks();
        if (room < 0) {
            return new Count(0);
        }
        long same = 1 + room / pitch(outline, outline);
        return new Count(mayTurn ? Math.max(same, alternating(room)) : same);
    }

    private long alternating(long room) {
        long first = pitch(outline, turned);
        long second = pitch(turned, outline);
        long pairs = room / (first + second);
        return 1 + 2 * pairs + (room - pairs * (first + second) >= Math.min(first, second) ? 1 : 0);
    }

    private static long pitch(Polygon before, Polygon after) {
        TreeSet<Long> heights = new TreeSet<>();
        before.points().forEach(point -> heights.add(point.y().ticks()));
        after.points().forEach(point -> heights.add(point.y().ticks()));
        long pitch = 0;
        for (long y : heights) {
            pitch = Math.max(pitch, edge(before, y, true) - edge(after, y, false));
        }
        return pitch;
    }

    /** How far an outline reaches right or left at a height, rounded away from itself to the tick. */
    private static long edge(Polygon polygon, long y, boolean right) {
        List<Point> points = polygon.points();
        long reach = right ? Long.MIN_VALUE : Long.MAX_VALUE;
        for (int i = 0; i < points.size(); i++) {
            Point a = points.get(i);
            Point b = points.get((i + 1) % points.size());
            long ay = a.y().ticks();
            long by = b.y().ticks();
            if (y < Math.min(ay, by) || y > Math.max(ay, by)) {
                continue;
            }
            long ax = a.x().ticks();
            long bx = b.x().ticks();
            if (ay == by) {
                reach = right ? Math.max(reach, Math.max(ax, bx)) : Math.min(reach, Math.min(ax, bx));
            } else {
                long rise = by - ay;
                long scaled = Math.multiplyExact(bx - ax, y - ay);
                long x = ax + (right
                        ? -Math.floorDiv(-scaled * Long.signum(rise), Math.abs(rise))
                        : Math.floorDiv(scaled * Long.signum(rise), Math.abs(rise)));
                reach = right ? Math.max(reach, x) : Math.min(reach, x);
            }
        }
        return reach;
    }
}
