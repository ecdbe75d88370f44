package retazo.core.block.shape;

import java.util.List;
import retazo.core.measure.Length;

/**
 * How something lies in its place: first mirrored left to right or not, then turned clockwise.
 *
 * @param mirrored whether left and right have changed over, before the turn
 */
public record Orientation(Turn turn, boolean mirrored) {

    public static final Orientation UPRIGHT = new Orientation(Turn.NONE, false);

    public static Orientation turned(Turn turn) {
        return new Orientation(turn, false);
    }

    /** The same, turned on. */
    public Orientation then(Turn more) {
        return new Orientation(turn.plus(more), mirrored);
    }

    /** The same, then mirrored left to right: a turn seen in a mirror goes the other way. */
    public Orientation thenMirrored() {
        return new Orientation(turn.negated(), !mirrored);
    }

    /** What lies like the inner one in something that lies like this one. */
    public Orientation applyTo(Orientation inner) {
        Orientation seen = mirrored ? inner.thenMirrored() : inner;
        return seen.then(turn);
    }

    /**
     * A drawing of this size at the origin, laid so; its size is then {@link FinishedSize#turned}.
     *
     * @param size of the drawing as it is
     */
    public List<DrawnPatch> lay(List<DrawnPatch> drawing, FinishedSize size) {
        if (equals(UPRIGHT)) {
            return drawing;
        }
        return drawing.stream()
                .map(patch -> new DrawnPatch(patch.role(), patch.outline().stream().map(point -> lay(point, size)).toList()))
                .toList();
    }

    private Point lay(Point point, FinishedSize size) {
        Length x = mirrored ? size.width().minus(point.x()) : point.x();
        Length y = point.y();
        return switch (turn) {
            case NONE -> new Point(x, y);
            case QUARTER -> new Point(size.height().minus(y), x);
            case HALF -> new Point(size.width().minus(x), size.height().minus(y));
            case THREE_QUARTERS -> new Point(y, size.width().minus(x));
        };
    }
}
