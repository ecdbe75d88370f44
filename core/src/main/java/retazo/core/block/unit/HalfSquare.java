package retazo.core.block.unit;

import java.util.List;
import java.util.Optional;
import retazo.core.block.shape.CutPiece;
import retazo.core.block.shape.DrawnPatch;
import retazo.core.block.shape.FinishedSize;
import retazo.core.block.shape.Outlines;
import retazo.core.block.shape.Point;
import retazo.core.block.shape.Subcut;
import retazo.core.block.shape.UnitCut;
import retazo.core.block.spec.UnitKind;
import retazo.core.block.spec.UnitMethod;
import retazo.core.block.spec.UnitSpec;
import retazo.core.cloth.RoleKey;
import retazo.core.explain.Figure;
import retazo.core.explain.Operation;
import retazo.core.measure.Count;
import retazo.core.measure.ExactLength;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/** A half-square triangle unit. Upright, the first role has the upper left half and the seam rises from the lower left. */
public record HalfSquare(RoleKey first, RoleKey second, UnitMethod method) implements CutUnit {

    @Override
    public UnitSpec spec() {
        return UnitSpec.plain(UnitKind.HALF_SQUARE, method, List.of(first, second));
    }

    @Override
    public Optional<Problem> problem(FinishedSize size) {
        return UnitProblems.notSquare(size).or(() -> UnitProblems.oneRole(first, second));
    }

    @Override
    public List<DrawnPatch> draw(FinishedSize size) {
        List<Point> corners = Outlines.corners(size);
        return List.of(
                Outlines.patch(first, corners.get(3), corners.get(0), corners.get(1)),
                Outlines.patch(second, corners.get(1), corners.get(2), corners.get(3)));
    }

    /** The two roles have no order: turned, one is the other. */
    @Override
    public CutUnit pooled() {
        return first.compareTo(second) > 0 ? new HalfSquare(second, first, method) : this;
    }

    @Override
    public Count perCut() {
        return switch (method) {
            case FOUR_AT_A_TIME -> new Count(4);
            case EIGHT_AT_A_TIME -> new Count(8);
            default -> new Count(2);
        };
    }

    /**
     * {@inheritDoc}
     *
     * <p>Squares of each role, F the finished side with the oversize. Two at a time and from triangles: a square cut once,
     * {@link TriangleSquares#cutOnce}. Four at a time: sewn all round and cut on both diagonals, so that a unit's outer
     * edge F + 2s is a quarter of the diagonal pair, and the square C loses a seam on every side: C − 2s = √2(F + 2s).
     * Eight at a time: four squares of the first kind side by side.
     */
    @Override
    public UnitCut cut(UnitCutting cutting) {
        Figure<Length> oversize = cutting.practice().oversize(UnitKind.HALF_SQUARE);
        Length seam = cutting.seam();
        Length sewn = cutting.size().width().plus(oversize.value());
        ExactLength once = TriangleSquares.cutOnce(ExactLength.of(sewn), seam);
        Length doubleSeam = seam.times(2);
        ExactLength exact = switch (method) {
            case FOUR_AT_A_TIME -> ExactLength.rootTwo(sewn.plus(doubleSeam)).plus(ExactLength.of(doubleSeam));
            case EIGHT_AT_A_TIME -> once.times(2);
            default -> once;
        };
        Operation formula = switch (method) {
            case FOUR_AT_A_TIME -> Operation.FOUR_TRIANGLES;
            case EIGHT_AT_A_TIME -> Operation.EIGHT_TRIANGLES;
            default -> Operation.HALF_SQUARE;
        };
        Figure<Length> side = cutting.byFormula(
                "side", formula, List.of(cutting.finished("side", cutting.size().width()), oversize), exact);
        Figure<Count> squares = cutting.sets(perCut());
        Subcut subcut = method == UnitMethod.TRIANGLES ? Subcut.ONCE : Subcut.NONE;
        return cutting.trimmed(
                List.of(CutPiece.square(first, side, subcut, squares), CutPiece.square(second, side, subcut, squares)),
                cutting.yields(squares, perCut()),
                UnitKind.HALF_SQUARE);
    }
}
