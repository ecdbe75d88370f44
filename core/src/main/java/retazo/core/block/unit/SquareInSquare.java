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

/** A square on its point with four corners around it. */
public record SquareInSquare(RoleKey centre, RoleKey corners) implements CutUnit {

    @Override
    public UnitSpec spec() {
        return UnitSpec.plain(UnitKind.SQUARE_IN_SQUARE, UnitMethod.ONLY, List.of(centre, corners));
    }

    @Override
    public Optional<Problem> problem(FinishedSize size) {
        return UnitProblems.notSquare(size).or(() -> UnitProblems.oneRole(centre, corners));
    }

    @Override
    public List<DrawnPatch> draw(FinishedSize size) {
        List<Point> at = Outlines.corners(size);
        Length half = Outlines.half(size.width());
        Point top = new Point(half, Length.ZERO);
        Point right = new Point(size.width(), half);
        Point bottom = new Point(half, size.height());
        Point left = new Point(Length.ZERO, half);
        return List.of(
                Outlines.patch(centre, top, right, bottom, left),
                Outlines.patch(corners, at.get(0), top, left),
                Outlines.patch(corners, top, at.get(1), right),
                Outlines.patch(corners, right, at.get(2), bottom),
                Outlines.patch(corners, bottom, at.get(3), left));
    }

    /**
     * {@inheritDoc}
     *
     * <p>The centre's side is F ÷ √2, since its diagonal is F. Its four corners are right triangles with legs F ÷ 2: two
     * squares cut once. The centre stays when the unit is sewn larger.
     */
    @Override
    public UnitCut cut(UnitCutting cutting) {
        Figure<Length> oversize = cutting.practice().oversize(UnitKind.SQUARE_IN_SQUARE);
        Length side = cutting.size().width();
        Length seam = cutting.seam();
        Figure<Length> finished = cutting.finished("side", side);
        Figure<Length> centreSide = cutting.byFormula(
                "centre", Operation.ON_POINT_SQUARE, List.of(finished),
                ExactLength.rootTwo(side).dividedBy(2).plus(ExactLength.of(seam.times(2))));
        ExactLength leg = ExactLength.of(side).dividedBy(2).plus(ExactLength.of(oversize.value()));
        Figure<Length> cornerSide = cutting.byFormula(
                "corner", Operation.CORNER_SQUARE, List.of(finished, oversize), TriangleSquares.cutOnce(leg, seam));
        Figure<Count> squares = cutting.times("corner", cutting.needed(), 2);
        return cutting.trimmed(
                List.of(
                        CutPiece.square(centre, centreSide, Subcut.NONE, cutting.needed()),
                        CutPiece.square(corners, cornerSide, Subcut.ONCE, squares)),
                cutting.needed(),
                UnitKind.SQUARE_IN_SQUARE);
    }
}
