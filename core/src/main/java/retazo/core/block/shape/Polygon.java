package retazo.core.block.shape;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import retazo.core.measure.Length;

/** A simple outline, clockwise as it is seen, with the tests and moves that templates need. All tests are exact. */
public final class Polygon {

    private static final Comparator<List<Point>> BY_POINTS = (a, b) -> {
        for (int i = 0; i < Math.min(a.size(), b.size()); i++) {
            int x = a.get(i).x().compareTo(b.get(i).x());
            int y = a.get(i).y().compareTo(b.get(i).y());
            if (x != 0 || y != 0) {
                return x != 0 ? x : y;
            }
        }
        return Integer.compare(a.size(), b.size());
    };

    private final List<Point> points;

    private Polygon(List<Point> points) {
        this.points = points;
    }

    /** The outline, turned round if it was given anticlockwise. */
    public static Polygon of(List<Point> outline) {
        List<Point> points = new ArrayList<>(outline);
        if (doubledArea(points).signum() < 0) {
            Collections.reverse(points);
        }
        return new Polygon(List.copyOf(points));
    }

    public List<Point> points() {
        return points;
    }

    public BigInteger doubledArea() {
        return doubledArea(points);
    }

    /** The shoelace sum; above zero clockwise, since y goes down. */
    private static BigInteger doubledArea(List<Point> points) {
        BigInteger sum = BigInteger.ZERO;
        for (int i = 0; i < points.size(); i++) {
            sum = sum.add(cross(points.get(i), points.get((i + 1) % points.size())));
        }
        return sum;
    }

    private static BigInteger cross(Point a, Point b) {
        return BigInteger.valueOf(a.x().ticks()).multiply(BigInteger.valueOf(b.y().ticks()))
                .subtract(BigInteger.valueOf(b.x().ticks()).multiply(BigInteger.valueOf(a.y().ticks())));
    }

    /** On which side of a → b the point c lies: 1 inside a clockwise outline, −1 outside, 0 on the line. */
    private static int side(Point a, Point b, Point c) {
        BigInteger abx = difference(b.x(), a.x());
        BigInteger aby = difference(b.y(), a.y());
        BigInteger acx = difference(c.x(), a.x());
        BigInteger acy = difference(c.y(), a.y());
        return abx.multiply(acy).subtract(aby.multiply(acx)).signum();
    }

    private static BigInteger difference(Length a, Length b) {
        return BigInteger.valueOf(a.ticks() - b.ticks());
    }

    /** Whether no two edges cross and no corner lies on another edge. */
    public boolean isSimple() {
        int n = points.size();
        for (int i = 0; i < n; i++) {
            for (int j = i + 1; j < n; j++) {
                boolean neighbours = j == i + 1 || i == 0 && j == n - 1;
                if (neighbours ? foldsBack(i, j, n) : touch(at(i), at(i + 1), at(j), at(j + 1))) {
                    return false;
                }
            }
        }
        return doubledArea().signum() > 0;
    }

    private Point at(int index) {
        return points.get(index % points.size());
    }

    /** Whether two edges with a corner between them lie on one another. */
    private boolean foldsBack(int i, int j, int n) {
        int corner = j == i + 1 ? j : 0;
        Point before = at(corner + n - 1);
        Point after = at(corner + 1);
        Point here = at(corner);
        if (here.equals(after) || here.equals(before)) {
            return true;
        }
        BigInteger dot = difference(before.x(), here.x()).multiply(difference(after.x(), here.x()))
                .add(difference(before.y(), here.y()).multiply(difference(after.y(), here.y())));
        return side(before, here, after) == 0 && dot.signum() > 0;
    }

    private static boolean touch(Point a, Point b, Point c, Point d) {
        int c1 = side(a, b, c);
        int d1 = side(a, b, d);
        int a2 = side(c, d, a);
        int b2 = side(c, d, b);
        if (c1 * d1 < 0 && a2 * b2 < 0) {
            return true;
        }
        return c1 == 0 && within(a, b, c) || d1 == 0 && within(a, b, d) || a2 == 0 && within(c, d, a) || b2 == 0 && within(c, d, b);
    }

    private static boolean within(Point a, Point b, Point onLine) {
        return between(a.x(), b.x(), onLine.x()) && between(a.y(), b.y(), onLine.y());
    }

    private static boolean between(Length a, Length b, Length c) {
        return c.compareTo(a) >= 0 && c.compareTo(b) <= 0 || c.compareTo(b) >= 0 && c.compareTo(a) <= 0;
    }

    /** Whether two outlines have area in common, by their triangles. */
    public boolean overlaps(Polygon other) {
        List<List<Point>> others = other.triangles();
        return triangles().stream().anyMatch(mine -> others.stream().anyMatch(theirs -> !apart(mine, theirs) && !apart(theirs, mine)));
    }

    /** Whether an edge of the first triangle has the whole second one on its outer side. */
    private static boolean apart(List<Point> first, List<Point> second) {
        for (int i = 0; i < 3; i++) {
            Point a = first.get(i);
            Point b = first.get((i + 1) % 3);
            if (second.stream().allMatch(point -> side(a, b, point) <= 0)) {
                return true;
            }
        }
        return false;
    }

    /** Cut into triangles ear by ear; grows with the square of the corners. */
    private List<List<Point>> triangles() {
        List<Point> rest = new ArrayList<>(points);
        List<List<Point>> triangles = new ArrayList<>();
        while (rest.size() > 3) {
            int ear = ear(rest);
            int n = rest.size();
            List<Point> triangle = List.of(rest.get((ear + n - 1) % n), rest.get(ear), rest.get((ear + 1) % n));
            if (side(triangle.get(0), triangle.get(1), triangle.get(2)) > 0) {
                triangles.add(triangle);
            }
            rest.remove(ear);
        }
        triangles.add(List.copyOf(rest));
        return triangles;
    }

    private static int ear(List<Point> rest) {
        int n = rest.size();
        for (int i = 0; i < n; i++) {
            Point a = rest.get((i + n - 1) % n);
            Point b = rest.get(i);
            Point c = rest.get((i + 1) % n);
            int turn = side(a, b, c);
            boolean empty = rest.stream().noneMatch(point -> point != a && point != b && point != c
                    && side(a, b, point) >= 0 && side(b, c, point) >= 0 && side(c, a, point) >= 0);
            if (turn == 0 || turn > 0 && empty) {
                return i;
            }
        }
        return 0;
    }

    /** Mirrored left to right, and moved to its own top left corner. */
    public Polygon mirrored() {
        return of(points.stream().map(point -> new Point(point.x().negated(), point.y())).toList()).normal();
    }

    /** Moved to its own top left corner, starting at the first of its corners by x, then y. */
    Polygon normal() {
        Length left = points.stream().map(Point::x).min(Comparator.naturalOrder()).orElseThrow();
        Length top = points.stream().map(Point::y).min(Comparator.naturalOrder()).orElseThrow();
        List<Point> moved = new ArrayList<>(points.stream().map(point -> point.plus(left.negated(), top.negated())).toList());
        Point first = moved.stream().min(Comparator.comparing(Point::x).thenComparing(Point::y)).orElseThrow();
        Collections.rotate(moved, -moved.indexOf(first));
        return new Polygon(List.copyOf(moved));
    }

    /** Which comes first in a fixed order of outlines. */
    public boolean isBefore(Polygon other) {
        return BY_POINTS.compare(points, other.points) < 0;
    }

    public boolean sameAs(Polygon other) {
        return points.equals(other.points);
    }

    public Length width() {
        return points.stream().map(Point::x).max(Comparator.naturalOrder()).orElseThrow();
    }

    public Length height() {
        return points.stream().map(Point::y).max(Comparator.naturalOrder()).orElseThrow();
    }

    /**
     * The outline with each side moved outward by a seam, sides meeting in points; to the nearest tick, and exact where all
     * sides are level, upright or of a whole slant.
     */
    public Polygon withSeam(Length seam) {
        List<Point> moved = new ArrayList<>();
        int n = points.size();
        for (int i = 0; i < n; i++) {
            moved.add(SideLine.outside(at(i + n - 1), at(i), seam).meet(SideLine.outside(at(i), at(i + 1), seam), at(i)));
        }
        return of(moved).normal();
    }

    /** The line nx·x + ny·y = c. */
    private record SideLine(BigInteger nx, BigInteger ny, BigInteger c, BigInteger length) {

        static SideLine outside(Point from, Point to, Length seam) {
            BigInteger nx = difference(to.y(), from.y());
            BigInteger ny = difference(from.x(), to.x());
            BigInteger squared = nx.multiply(nx).add(ny.multiply(ny));
            BigInteger root = squared.sqrt();
            BigInteger length = root.multiply(root).equals(squared) ? root : root.add(BigInteger.ONE);
            BigInteger c = nx.multiply(BigInteger.valueOf(from.x().ticks())).add(ny.multiply(BigInteger.valueOf(from.y().ticks())))
                    .add(length.multiply(BigInteger.valueOf(seam.ticks())));
            return new SideLine(nx, ny, c, length);
        }

        Point meet(SideLine other, Point corner) {
            BigInteger det = nx.multiply(other.ny).subtract(ny.multiply(other.nx));
            if (det.signum() == 0) {
                BigInteger reach = c.subtract(nx.multiply(BigInteger.valueOf(corner.x().ticks())))
                        .subtract(ny.multiply(BigInteger.valueOf(corner.y().ticks())));
                BigInteger squared = length.multiply(length);
                return corner.plus(nearest(nx.multiply(reach), squared), nearest(ny.multiply(reach), squared));
            }
            return new Point(
                    nearest(c.multiply(other.ny).subtract(other.c.multiply(ny)), det),
                    nearest(nx.multiply(other.c).subtract(other.nx.multiply(c)), det));
        }

        private static Length nearest(BigInteger numerator, BigInteger denominator) {
            BigInteger positive = denominator.signum() < 0 ? denominator.negate() : denominator;
            BigInteger top = denominator.signum() < 0 ? numerator.negate() : numerator;
            BigInteger[] parts = top.shiftLeft(1).add(positive).divideAndRemainder(positive.shiftLeft(1));
            BigInteger floor = parts[1].signum() < 0 ? parts[0].subtract(BigInteger.ONE) : parts[0];
            return new Length(floor.longValueExact());
        }
    }
}
