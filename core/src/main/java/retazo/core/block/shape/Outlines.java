package retazo.core.block.shape;

import java.util.List;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;

/** Outlines that many units are drawn with. Halves of an odd number of ticks are cut off to the tick. */
public final class Outlines {

    private Outlines() {
    }

    public static Point point(Length x, Length y) {
        return new Point(x, y);
    }

    public static Length half(Length length) {
        return new Length(Math.floorDiv(length.ticks(), 2));
    }

    /** The four corners clockwise from the top left. */
    public static List<Point> corners(FinishedSize size) {
        return corners(Length.ZERO, Length.ZERO, size.width(), size.height());
    }

    public static List<Point> corners(Length left, Length top, Length right, Length bottom) {
        return List.of(point(left, top), point(right, top), point(right, bottom), point(left, bottom));
    }

    public static Point centre(FinishedSize size) {
        return point(half(size.width()), half(size.height()));
    }

    public static DrawnPatch patch(RoleKey role, Point... outline) {
        return new DrawnPatch(role, List.of(outline));
    }
}
