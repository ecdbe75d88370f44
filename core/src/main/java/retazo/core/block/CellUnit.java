package retazo.core.block;

import java.util.List;
import java.util.function.Function;
import retazo.core.measure.Length;

/** What is sewn in a cell of a block, before its size is known: the kind of unit and the roles in it. */
public sealed interface CellUnit {

    /** The roles in it, first role first. */
    List<RoleKey> roles();

    /** This unit at the size of its cell. */
    SewnUnit at(Length finishedWidth, Length finishedHeight);

    /** The patches seen in a cell of this size at the origin, turned. */
    List<DrawnPatch> draw(Length width, Length height, Turn turn);

    <R> R match(Function<Patch, R> patch, Function<HalfSquare, R> halfSquare);

    /** A plain patch. */
    record Patch(RoleKey role) implements CellUnit {
        @Override
        public List<RoleKey> roles() {
            return List.of(role);
        }

        @Override
        public SewnUnit at(Length finishedWidth, Length finishedHeight) {
            return new SewnUnit.Patch(role, finishedWidth, finishedHeight);
        }

        @Override
        public List<DrawnPatch> draw(Length width, Length height, Turn turn) {
            return List.of(new DrawnPatch(role, corners(width, height)));
        }

        @Override
        public <R> R match(Function<Patch, R> patch, Function<HalfSquare, R> halfSquare) {
            return patch.apply(this);
        }
    }

    /** A half-square triangle. Unturned, the first role has the upper left half and the seam rises from lower left. */
    record HalfSquare(RoleKey first, RoleKey second) implements CellUnit {
        @Override
        public List<RoleKey> roles() {
            return List.of(first, second);
        }

        @Override
        public SewnUnit at(Length finishedWidth, Length finishedHeight) {
            return new SewnUnit.HalfSquare(first, second, finishedWidth);
        }

        /**
         * {@inheritDoc}
         *
         * <p>With the corners numbered clockwise from the top left, a quarter turn moves each corner on by one: the
         * first role lies around corner t, the second around the corner opposite.
         */
        @Override
        public List<DrawnPatch> draw(Length width, Length height, Turn turn) {
            List<Point> corners = corners(width, height);
            int at = turn.ordinal();
            return List.of(
                    new DrawnPatch(first, around(corners, at)),
                    new DrawnPatch(second, around(corners, at + 2)));
        }

        private static List<Point> around(List<Point> corners, int at) {
            return List.of(corners.get((at + 3) % 4), corners.get(at % 4), corners.get((at + 1) % 4));
        }

        @Override
        public <R> R match(Function<Patch, R> patch, Function<HalfSquare, R> halfSquare) {
            return halfSquare.apply(this);
        }
    }

    private static List<Point> corners(Length width, Length height) {
        return List.of(
                new Point(Length.ZERO, Length.ZERO),
                new Point(width, Length.ZERO),
                new Point(width, height),
                new Point(Length.ZERO, height));
    }
}
