package retazo.core.block.unit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;
import retazo.core.block.shape.DrawnPatch;
import retazo.core.block.shape.FinishedSize;
import retazo.core.block.shape.Point;
import retazo.core.measure.Length;

/**
 * A corner laid over what is drawn so far, cut along its diagonal. Each point at which the diagonal meets an edge drawn
 * before is a corner of both outlines, so that they leave no gap.
 */
final class CornerCut {

    private final Clipped.Clip clip;
    private final FinishedSize size;
    private final TreeSet<Point> onDiagonal = new TreeSet<>(Comparator.comparing(Point::x).thenComparing(Point::y));

    CornerCut(Clipped.Clip clip, FinishedSize size) {
        this.clip = clip;
        this.size = size;
    }

    List<DrawnPatch> over(List<DrawnPatch> drawn) {
        List<DrawnPatch> result = new ArrayList<>();
        for (DrawnPatch patch : drawn) {
            List<Point> outside = outside(patch.outline());
            if (outside.size() >= 3) {
                result.add(new DrawnPatch(patch.role(), outside));
            }
        }
        result.add(triangle());
        return result;
    }

    /** How far a point lies beyond the diagonal, seen from the corner: the sum of its two distances, less the corner's size. */
    private long beyond(Point point) {
        Length u = clip.corner().isLeft() ? point.x() : size.width().minus(point.x());
        Length v = clip.corner().isTop() ? point.y() : size.height().minus(point.y());
        return u.plus(v).minus(clip.finished()).ticks();
    }

    private List<Point> outside(List<Point> outline) {
        List<Point> kept = new ArrayList<>();
        for (int i = 0; i < outline.size(); i++) {
            Point from = outline.get(i);
            Point to = outline.get((i + 1) % outline.size());
            long fromBeyond = beyond(from);
            long toBeyond = beyond(to);
            if (fromBeyond >= 0) {
                kept.add(from);
            }
            if (fromBeyond == 0) {
                onDiagonal.add(from);
            }
            if (fromBeyond > 0 && toBeyond < 0) {
                kept.add(crossing(from, fromBeyond, to, toBeyond));
            } else if (fromBeyond < 0 && toBeyond > 0) {
                kept.add(crossing(to, toBeyond, from, fromBeyond));
            }
        }
        return kept;
    }

    /** Worked from the point outside, so that neighbours along one edge get the same point. */
    private Point crossing(Point out, long outBeyond, Point in, long inBeyond) {
        long share = outBeyond - inBeyond;
        Point crossing = new Point(
                between(out.x(), in.x(), outBeyond, share), between(out.y(), in.y(), outBeyond, share));
        onDiagonal.add(crossing);
        return crossing;
    }

    private static Length between(Length from, Length to, long part, long whole) {
        return new Length(Math.addExact(from.ticks(), Math.floorDiv(Math.multiplyExact(to.minus(from).ticks(), part), whole)));
    }

    private DrawnPatch triangle() {
        Length x = clip.corner().isLeft() ? Length.ZERO : size.width();
        Length y = clip.corner().isTop() ? Length.ZERO : size.height();
        List<Point> outline = new ArrayList<>(List.of(new Point(x, y)));
        onDiagonal.add(new Point(clip.corner().isLeft() ? clip.finished() : x.minus(clip.finished()), y));
        onDiagonal.add(new Point(x, clip.corner().isTop() ? clip.finished() : y.minus(clip.finished())));
        outline.addAll(onDiagonal);
        return new DrawnPatch(clip.role(), outline);
    }
}
