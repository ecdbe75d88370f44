package retazo.core.block.unit;

import java.util.List;
import java.util.Optional;
import retazo.core.block.shape.CutPiece;
import retazo.core.block.shape.DrawnPatch;
import retazo.core.block.shape.FinishedSize;
import retazo.core.block.shape.Hand;
import retazo.core.block.shape.Outlines;
import retazo.core.block.shape.PieceShape;
import retazo.core.block.shape.Point;
import retazo.core.block.shape.RightTriangle;
import retazo.core.block.shape.Subcut;
import retazo.core.block.shape.UnitCut;
import retazo.core.block.spec.UnitKind;
import retazo.core.block.spec.UnitMethod;
import retazo.core.block.spec.UnitSpec;
import retazo.core.cloth.RoleKey;
import retazo.core.explain.Figure;
import retazo.core.explain.Operation;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/**
 * A rectangle of two triangles: mirrored, its seam falls instead of rising, and left and right cannot change places.
 * Upright, the first role has the upper left half and the seam rises from the lower left.
 */
public record HalfRectangle(RoleKey first, RoleKey second) implements CutUnit {

    private static final Count TWO = new Count(2);

    @Override
    public UnitSpec spec() {
        return UnitSpec.plain(UnitKind.HALF_RECTANGLE, UnitMethod.ONLY, List.of(first, second));
    }

    @Override
    public Optional<Problem> problem(FinishedSize size) {
        return UnitProblems.oneRole(first, second);
    }

    @Override
    public List<DrawnPatch> draw(FinishedSize size) {
        List<Point> corners = Outlines.corners(size);
        return List.of(
                Outlines.patch(first, corners.get(3), corners.get(0), corners.get(1)),
                Outlines.patch(second, corners.get(1), corners.get(2), corners.get(3)));
    }

    /** Turned by half, one role is the other. */
    @Override
    public CutUnit pooled() {
        return first.compareTo(second) > 0 ? new HalfRectangle(second, first) : this;
    }

    @Override
    public boolean isChiral() {
        return true;
    }

    @Override
    public Count perCut() {
        return TWO;
    }

    /** {@inheritDoc} Rectangles of {@link RightTriangle#cutLeg} cut once give two triangles of one hand. */
    @Override
    public UnitCut cut(UnitCutting cutting) {
        Length oversize = cutting.practice().oversize(UnitKind.HALF_RECTANGLE).value();
        Length width = cutting.size().width().plus(oversize);
        Length height = cutting.size().height().plus(oversize);
        Figure<Count> rectangles = cutting.sets(TWO);
        PieceShape shape = triangles(cutting, width.times(2), height.times(2), Hand.of(cutting.mirrored()));
        return cutting.trimmed(
                List.of(new CutPiece(first, shape, rectangles), new CutPiece(second, shape, rectangles)),
                cutting.yields(rectangles, TWO),
                UnitKind.HALF_RECTANGLE);
    }

    /** The rectangle that cut once gives two right triangles with these legs. */
    static PieceShape triangles(UnitCutting cutting, Length doubledWidth, Length doubledHeight, Hand hand) {
        Figure<Length> finishedWidth = cutting.finished("triangleWidth", Outlines.half(doubledWidth));
        Figure<Length> finishedHeight = cutting.finished("triangleHeight", Outlines.half(doubledHeight));
        Figure<Length> width = cutting.byFormula(
                "triangleWidth", Operation.RIGHT_TRIANGLE_LEG, List.of(finishedWidth, finishedHeight),
                new RightTriangle(doubledWidth, doubledHeight).cutLeg(cutting.seam()));
        Figure<Length> height = cutting.byFormula(
                "triangleHeight", Operation.RIGHT_TRIANGLE_LEG, List.of(finishedHeight, finishedWidth),
                new RightTriangle(doubledHeight, doubledWidth).cutLeg(cutting.seam()));
        return new PieceShape.Rectangle(
                width, height, Subcut.ONCE, doubledWidth.equals(doubledHeight) ? Hand.EITHER : hand);
    }
}
