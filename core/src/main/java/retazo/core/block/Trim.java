package retazo.core.block;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import retazo.core.block.shape.DrawnPatch;
import retazo.core.block.shape.FinishedSize;
import retazo.core.block.shape.Point;
import retazo.core.block.spec.Scale;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/**
 * A block trimmed on the turn: the sewn grid is turned under the ruler and cut to a smaller size.
 *
 * @param size    finished, after trimming
 * @param degrees how far the grid is turned, clockwise, −45 to 45
 */
public record Trim(FinishedSize size, int degrees) {

    public static final int MOST_DEGREES = 45;

    private static final long SCALE = 1_000_000_000;

    /** Points may fall short of the trimmed corner by this much, since they stay inside the seam allowance. */
    private static final Length IN_THE_SEAM = Length.ofInches(1, 4);

    /** Why the grid cannot be trimmed so: turned too far, or a corner of the trimmed size lies outside it. */
    Optional<Problem> problem(FinishedSize grid) {
        if (degrees < -MOST_DEGREES || degrees > MOST_DEGREES) {
            return Optional.of(Problem.at("trim", "block.trim-turn", degrees, MOST_DEGREES));
        }
        long across = Math.abs(sine());
        long reachX = size.width().ticks() * cosine() + size.height().ticks() * across;
        long reachY = size.width().ticks() * across + size.height().ticks() * cosine();
        return reachX > SCALE * grid.width().plus(IN_THE_SEAM.times(2)).ticks()
                || reachY > SCALE * grid.height().plus(IN_THE_SEAM.times(2)).ticks()
                        ? Optional.of(Problem.at("trim", "block.trim-size", size.width(), size.height()))
                        : Optional.empty();
    }

    Optional<Trim> scaled(Scale scale) {
        return scale.of(List.of(size.width(), size.height()))
                .map(sides -> new Trim(new FinishedSize(sides.get(0), sides.get(1)), degrees));
    }

    private long cosine() {
        return Math.round(StrictMath.cos(StrictMath.toRadians(degrees)) * SCALE);
    }

    private long sine() {
        return Math.round(StrictMath.sin(StrictMath.toRadians(degrees)) * SCALE);
    }

    /** The drawing of the grid, turned about its middle and cut off at the trimmed size; for the eye, to the nearest tick. */
    List<DrawnPatch> cut(List<DrawnPatch> drawing, FinishedSize grid) {
        List<DrawnPatch> cut = new ArrayList<>();
        for (DrawnPatch patch : drawing) {
            List<Point> outline = patch.outline().stream().map(point -> turned(point, grid)).toList();
            outline = keep(outline, false, Length.ZERO, true);
            outline = keep(outline, false, size.width(), false);
            outline = keep(outline, true, Length.ZERO, true);
            outline = keep(outline, true, size.height(), false);
            if (outline.size() >= 3) {
                cut.add(new DrawnPatch(patch.role(), outline));
            }
        }
        return cut;
    }

    /** Worked with doubled distances from the middle, so that halves of ticks are not lost. */
    private Point turned(Point point, FinishedSize grid) {
        long x = point.x().times(2).minus(grid.width()).ticks();
        long y = point.y().times(2).minus(grid.height()).ticks();
        return new Point(
                new Length(Math.floorDiv(Math.floorDiv(x * cosine() - y * sine(), SCALE) + size.width().ticks(), 2)),
                new Length(Math.floorDiv(Math.floorDiv(x * sine() + y * cosine(), SCALE) + size.height().ticks(), 2)));
    }

    /** The part of an outline on one side of a level or upright line. */
    private static List<Point> keep(List<Point> outline, boolean level, Length line, boolean beyond) {
        List<Point> kept = new ArrayList<>();
        for (int i = 0; i < outline.size(); i++) {
            Point from = outline.get(i);
            Point to = outline.get((i + 1) % outline.size());
            long a = (level ? from.y() : from.x()).minus(line).ticks() * (beyond ? 1 : -1);
            long b = (level ? to.y() : to.x()).minus(line).ticks() * (beyond ? 1 : -1);
            if (a >= 0) {
                kept.add(from);
            }
            if (a > 0 && b < 0 || a < 0 && b > 0) {
                kept.add(level
                        ? new Point(between(from.x(), to.x(), a, a - b), line)
                        : new Point(line, between(from.y(), to.y(), a, a - b)));
            }
        }
        return kept;
    }

    private static Length between(Length from, Length to, long part, long whole) {
        return new Length(from.ticks() + Math.floorDiv(Math.multiplyExact(to.minus(from).ticks(), part), whole));
    }
}
