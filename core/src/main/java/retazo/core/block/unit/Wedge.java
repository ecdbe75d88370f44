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
import retazo.core.block.shape.UnitCut;
import retazo.core.block.spec.UnitKind;
import retazo.core.block.spec.UnitMethod;
import retazo.core.block.spec.UnitPart;
import retazo.core.block.spec.UnitSpec;
import retazo.core.cloth.RoleKey;
import retazo.core.explain.Figure;
import retazo.core.explain.Operation;
import retazo.core.measure.Count;
import retazo.core.measure.ExactLength;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/**
 * A triangle or trapezoid on its base, with a mirrored pair of triangles at its sides.
 *
 * @param finishedTop the shorter parallel side; zero for a triangle
 */
public record Wedge(RoleKey wedge, Length finishedTop, RoleKey sides) implements CutUnit {

    private static final Count TWO = new Count(2);

    @Override
    public UnitSpec spec() {
        return new UnitSpec(UnitKind.WEDGE, UnitMethod.ONLY, List.of(UnitPart.of(wedge, finishedTop), UnitPart.of(sides)));
    }

    @Override
    public Optional<Problem> problem(FinishedSize size) {
        return finishedTop.isNegative() || !finishedTop.isShorterThan(size.width())
                ? Optional.of(Problem.of("unit.wedge-top", finishedTop, size.width()))
                : UnitProblems.oneRole(wedge, sides);
    }

    @Override
    public List<DrawnPatch> draw(FinishedSize size) {
        List<Point> corners = Outlines.corners(size);
        Length lean = Outlines.half(size.width().minus(finishedTop));
        Point left = new Point(lean, Length.ZERO);
        Point right = new Point(lean.plus(finishedTop), Length.ZERO);
        DrawnPatch middle = finishedTop.isZero()
                ? Outlines.patch(wedge, left, corners.get(2), corners.get(3))
                : Outlines.patch(wedge, left, right, corners.get(2), corners.get(3));
        return List.of(
                middle,
                Outlines.patch(sides, corners.get(0), left, corners.get(3)),
                Outlines.patch(sides, right, corners.get(1), corners.get(2)));
    }

    @Override
    public Count perCut() {
        return TWO;
    }

    /**
     * {@inheritDoc}
     *
     * <p>The wedge is h + 2s high. Each slanted side moves outward by s, which is s·c ÷ h along the base, c = √(h² + d²)
     * its length; s below the base it reaches s·d ÷ h further, s above the top as much less. A triangle is cut blunt, which
     * loses only what lies in the seams. The sides are right triangles, as many of the left as of the right.
     */
    @Override
    public UnitCut cut(UnitCutting cutting) {
        FinishedSize size = cutting.size();
        Length seam = cutting.seam();
        Length doubledLean = size.width().minus(finishedTop);
        RightTriangle side = new RightTriangle(doubledLean, size.height().times(2));
        ExactLength outward = side.along(seam.times(2));
        ExactLength reach = side.lean(seam.times(2));
        List<Figure<?>> givens = List.of(
                cutting.finished("base", size.width()),
                cutting.finished("top", finishedTop),
                cutting.finished("height", size.height()));
        Figure<Length> base = cutting.byFormula(
                "base", Operation.WEDGE_BASE, givens, ExactLength.of(size.width()).plus(outward).plus(reach));
        Figure<Length> top = cutting.byFormula(
                "top", Operation.WEDGE_TOP, givens, ExactLength.of(finishedTop).plus(outward).minus(reach));
        PieceShape wedgeShape = new PieceShape.Wedge(cutting.withSeams("height", "unit.wedgeHeight", size.height()), base, top);
        Figure<Count> rectangles = cutting.sets(TWO);
        return UnitCut.untrimmed(
                List.of(
                        new CutPiece(wedge, wedgeShape, cutting.needed()),
                        new CutPiece(sides, HalfRectangle.triangles(cutting, doubledLean, size.height().times(2), Hand.LEFT), rectangles),
                        new CutPiece(sides, HalfRectangle.triangles(cutting, doubledLean, size.height().times(2), Hand.RIGHT), rectangles)),
                cutting.yields(rectangles, TWO));
    }
}
