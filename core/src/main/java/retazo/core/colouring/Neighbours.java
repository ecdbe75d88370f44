package retazo.core.colouring;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import retazo.core.block.shape.DrawnPatch;
import retazo.core.block.shape.Point;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;
import retazo.core.quilt.picture.QuiltDrawing;

/**
 * Which roles lie side by side in a quilt as it is seen, over what length, and where.
 *
 * <p>Found by walking around every patch: a quarter of an inch at a time it looks a hair to both sides of the edge. Where the patch itself
 * is seen on the inner side, and one that was laid before it on the other, both are neighbours for that step. What is laid later lies on
 * top, so that every line between two roles is the edge of the later one of both and is walked once. Lengths are good to a step at each
 * corner.
 *
 * @param pairs of different roles, those that touch longest first
 */
public record Neighbours(List<Pair> pairs) {

    private static final double STEP = Length.TICKS_PER_INCH / 4.0;
    private static final double HAIR = Length.TICKS_PER_INCH / 64.0;
    /** Places are told apart by the squares of such a grid across the shorter side of the quilt. */
    private static final int PLACES_ACROSS = 8;

    public Neighbours {
        pairs = List.copyOf(pairs);
    }

    /**
     * Two roles side by side.
     *
     * @param one    the one that comes first by its key
     * @param side   over what length they touch, in all
     * @param places points in the middle of where they touch, spread over the quilt; those first where they touch longest
     */
    public record Pair(RoleKey one, RoleKey other, Length side, List<Point> places) {

        public Pair {
            places = List.copyOf(places);
        }

        public boolean has(RoleKey role) {
            return one.equals(role) || other.equals(role);
        }

        /** The one beside a role of it. */
        public RoleKey beside(RoleKey role) {
            return one.equals(role) ? other : one;
        }
    }

    public static Neighbours of(QuiltDrawing quilt) {
        Ground ground = Ground.of(quilt);
        Map<List<String>, Touch> touches = new TreeMap<>(Comparator.comparing((List<String> pair) -> pair.get(0))
                .thenComparing(pair -> pair.get(1)));
        double square = Math.min(quilt.width().ticks(), quilt.height().ticks()) / (double) PLACES_ACROSS;
        for (int at = 0; at < ground.laid.size(); at++) {
            walk(ground, at, square, touches);
        }
        return new Neighbours(touches.entrySet().stream()
                .map(entry -> entry.getValue().pair(new RoleKey(entry.getKey().get(0)), new RoleKey(entry.getKey().get(1))))
                .sorted(Comparator.comparing(Pair::side).reversed()).toList());
    }

    private static void walk(Ground ground, int at, double square, Map<List<String>, Touch> touches) {
        Laid patch = ground.laid.get(at);
        double turn = patch.isClockwise() ? 1 : -1;
        for (int corner = 0; corner < patch.x.length; corner++) {
            int next = (corner + 1) % patch.x.length;
            double dx = patch.x[next] - patch.x[corner];
            double dy = patch.y[next] - patch.y[corner];
            double length = Math.hypot(dx, dy);
            int steps = (int) Math.max(1, Math.round(length / STEP));
            for (int step = 0; step < steps && length > 0; step++) {
                double part = (step + 0.5) / steps;
                double x = patch.x[corner] + dx * part;
                double y = patch.y[corner] + dy * part;
                double outX = turn * dy / length * HAIR;
                double outY = -turn * dx / length * HAIR;
                if (ground.top(x - outX, y - outY) == at) {
                    int beside = ground.top(x + outX, y + outY);
                    if (beside >= 0 && beside < at && !ground.laid.get(beside).role.equals(patch.role)) {
                        touches.computeIfAbsent(pair(patch.role, ground.laid.get(beside).role), pair -> new Touch())
                                .add(x, y, length / steps, square);
                    }
                }
            }
        }
    }

    private static List<String> pair(RoleKey one, RoleKey other) {
        return one.value().compareTo(other.value()) < 0 ? List.of(one.value(), other.value()) : List.of(other.value(), one.value());
    }

    /** Where two roles touch, by the squares of the quilt. */
    private static final class Touch {

        private final Map<List<Long>, double[]> bySquare = new HashMap<>();

        void add(double x, double y, double length, double square) {
            double[] sum = bySquare.computeIfAbsent(
                    List.of((long) Math.floor(x / square), (long) Math.floor(y / square)), place -> new double[3]);
            sum[0] += length;
            sum[1] += x * length;
            sum[2] += y * length;
        }

        Pair pair(RoleKey one, RoleKey other) {
            List<double[]> longestFirst = new ArrayList<>(bySquare.values());
            longestFirst.sort(Comparator.comparingDouble((double[] sum) -> -sum[0]).thenComparingDouble(sum -> sum[2])
                    .thenComparingDouble(sum -> sum[1]));
            double all = longestFirst.stream().mapToDouble(sum -> sum[0]).sum();
            return new Pair(one, other, new Length(Math.round(all)), longestFirst.stream()
                    .map(sum -> new Point(new Length(Math.round(sum[1] / sum[0])), new Length(Math.round(sum[2] / sum[0])))).toList());
        }
    }

    /**
     * A patch where it lies in the quilt.
     *
     * @param isClipped whether it is seen inside the blocks' frame only
     */
    private record Laid(RoleKey role, double[] x, double[] y, boolean isClipped) {

        static Laid of(DrawnPatch patch) {
            return new Laid(
                    patch.role(), patch.outline().stream().mapToDouble(point -> point.x().ticks()).toArray(),
                    patch.outline().stream().mapToDouble(point -> point.y().ticks()).toArray(), false);
        }

        /** A patch of a block, turned about the middle of the block and put where that stands. */
        static Laid of(DrawnPatch patch, QuiltDrawing.PlacedBlock block, QuiltDrawing.Spot spot) {
            double cos = Math.cos(Math.toRadians(spot.degrees()));
            double sin = Math.sin(Math.toRadians(spot.degrees()));
            double[] x = new double[patch.outline().size()];
            double[] y = new double[x.length];
            for (int i = 0; i < x.length; i++) {
                double dx = patch.outline().get(i).x().ticks() - block.width().ticks() / 2.0;
                double dy = patch.outline().get(i).y().ticks() - block.height().ticks() / 2.0;
                x[i] = spot.centre().x().ticks() + dx * cos - dy * sin;
                y[i] = spot.centre().y().ticks() + dx * sin + dy * cos;
            }
            return new Laid(patch.role(), x, y, true);
        }

        /** By the sign of its area, y pointing down. */
        boolean isClockwise() {
            double sum = 0;
            for (int i = 0; i < x.length; i++) {
                int next = (i + 1) % x.length;
                sum += x[i] * y[next] - x[next] * y[i];
            }
            return sum > 0;
        }

        /** By the parity of the edges that a ray to the right crosses. */
        boolean holds(double px, double py) {
            boolean inside = false;
            for (int i = 0, j = x.length - 1; i < x.length; j = i++) {
                if (y[i] > py != y[j] > py && px < (x[j] - x[i]) * (py - y[i]) / (y[j] - y[i]) + x[i]) {
                    inside = !inside;
                }
            }
            return inside;
        }
    }

    /** All patches in the order in which they are laid, found again by the squares of a grid. */
    private static final class Ground {

        private static final double SQUARE = Length.TICKS_PER_INCH * 4.0;

        private final List<Laid> laid = new ArrayList<>();
        private final Map<Long, List<Integer>> bySquare = new HashMap<>();
        private final QuiltDrawing.Inside inside;

        private Ground(QuiltDrawing.Inside inside) {
            this.inside = inside;
        }

        static Ground of(QuiltDrawing quilt) {
            Ground ground = new Ground(quilt.inside());
            quilt.setting().forEach(patch -> ground.lay(Laid.of(patch)));
            for (QuiltDrawing.PlacedBlock block : quilt.blocks()) {
                for (QuiltDrawing.Spot spot : block.spots()) {
                    block.patches().forEach(patch -> ground.lay(Laid.of(patch, block, spot)));
                }
            }
            quilt.around().forEach(patch -> ground.lay(Laid.of(patch)));
            return ground;
        }

        private void lay(Laid patch) {
            int index = laid.size();
            laid.add(patch);
            long left = square(java.util.Arrays.stream(patch.x).min().orElseThrow());
            long right = square(java.util.Arrays.stream(patch.x).max().orElseThrow());
            long top = square(java.util.Arrays.stream(patch.y).min().orElseThrow());
            long bottom = square(java.util.Arrays.stream(patch.y).max().orElseThrow());
            for (long column = left; column <= right; column++) {
                for (long row = top; row <= bottom; row++) {
                    bySquare.computeIfAbsent(key(column, row), at -> new ArrayList<>()).add(index);
                }
            }
        }

        /** The patch that is seen at a point; −1 for none. */
        int top(double x, double y) {
            List<Integer> here = bySquare.getOrDefault(key(square(x), square(y)), List.of());
            return Optional.of(here).map(all -> {
                for (int i = all.size() - 1; i >= 0; i--) {
                    Laid patch = laid.get(all.get(i));
                    if ((!patch.isClipped || isInside(x, y)) && patch.holds(x, y)) {
                        return all.get(i);
                    }
                }
                return -1;
            }).orElse(-1);
        }

        private boolean isInside(double x, double y) {
            double left = inside.corner().x().ticks();
            double top = inside.corner().y().ticks();
            return x >= left && y >= top && x <= left + inside.width().ticks() && y <= top + inside.height().ticks();
        }

        private static long square(double coordinate) {
            return (long) Math.floor(coordinate / SQUARE);
        }

        private static long key(long column, long row) {
            return column * 1_000_003 + row;
        }
    }
}
