package retazo.core.quilt.picture;

import java.util.List;
import retazo.core.block.shape.DrawnPatch;
import retazo.core.block.shape.Point;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;

/** The simple shapes around and behind blocks. */
final class Rectangles {

    private Rectangles() {
    }

    static DrawnPatch patch(RoleKey role, Point corner, Length width, Length height) {
        return new DrawnPatch(role, List.of(
                corner, corner.plus(width, Length.ZERO), corner.plus(width, height), corner.plus(Length.ZERO, height)));
    }

    /** A square on its point. */
    static DrawnPatch onPoint(RoleKey role, Point centre, Length reach) {
        return new DrawnPatch(role, List.of(
                centre.plus(Length.ZERO, reach.negated()), centre.plus(reach, Length.ZERO), centre.plus(Length.ZERO, reach),
                centre.plus(reach.negated(), Length.ZERO)));
    }

    /** Right triangles in the four corners. */
    static List<DrawnPatch> corners(RoleKey role, QuiltDrawing.Inside inside, Length leg) {
        Point a = inside.corner();
        Point b = a.plus(inside.width(), Length.ZERO);
        Point c = a.plus(inside.width(), inside.height());
        Point d = a.plus(Length.ZERO, inside.height());
        Length back = leg.negated();
        return List.of(
                new DrawnPatch(role, List.of(a, a.plus(leg, Length.ZERO), a.plus(Length.ZERO, leg))),
                new DrawnPatch(role, List.of(b, b.plus(Length.ZERO, leg), b.plus(back, Length.ZERO))),
                new DrawnPatch(role, List.of(c, c.plus(back, Length.ZERO), c.plus(Length.ZERO, back))),
                new DrawnPatch(role, List.of(d, d.plus(Length.ZERO, back), d.plus(leg, Length.ZERO))));
    }

    /** Strips around a rectangle: the sides as high as it, top and bottom over their ends. */
    static List<DrawnPatch> frame(RoleKey role, Point corner, Length width, Length height, Length strip) {
        Length across = width.plus(strip.times(2));
        return List.of(
                patch(role, corner.plus(strip.negated(), Length.ZERO), strip, height),
                patch(role, corner.plus(width, Length.ZERO), strip, height),
                patch(role, corner.plus(strip.negated(), strip.negated()), across, strip),
                patch(role, corner.plus(strip.negated(), height), across, strip));
    }
}
