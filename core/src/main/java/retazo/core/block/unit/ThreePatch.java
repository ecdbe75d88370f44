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

/**
 * A half triangle beside two quarter triangles. Upright, the half lies at the upper left, the first quarter at the right
 * and the second at the bottom; mirrored, the two quarters change sides.
 */
public record ThreePatch(RoleKey half, RoleKey firstQuarter, RoleKey secondQuarter) implements CutUnit {

    private static final Count TWO = new Count(2);
    private static final Count FOUR = new Count(4);

    @Override
    public UnitSpec spec() {
        return UnitSpec.plain(UnitKind.THREE_PATCH, UnitMethod.ONLY, List.of(half, firstQuarter, secondQuarter));
    }

    @Override
    public Optional<Problem> problem(FinishedSize size) {
        return UnitProblems.notSquare(size)
                .or(() -> UnitProblems.oneRole(half, firstQuarter))
                .or(() -> UnitProblems.oneRole(half, secondQuarter));
    }

    @Override
    public List<DrawnPatch> draw(FinishedSize size) {
        List<Point> corners = Outlines.corners(size);
        Point centre = Outlines.centre(size);
        return List.of(
                Outlines.patch(half, corners.get(3), corners.get(0), corners.get(1), centre),
                Outlines.patch(firstQuarter, corners.get(1), corners.get(2), centre),
                Outlines.patch(secondQuarter, corners.get(2), corners.get(3), centre));
    }

    @Override
    public CutUnit pooled() {
        return firstQuarter.compareTo(secondQuarter) > 0 ? new ThreePatch(half, secondQuarter, firstQuarter) : this;
    }

    @Override
    public Count perCut() {
        return FOUR;
    }

    /** {@inheritDoc} Squares of the half cut once give 2, squares of each quarter cut twice give 4. */
    @Override
    public UnitCut cut(UnitCutting cutting) {
        Figure<Length> oversize = cutting.practice().oversize(UnitKind.THREE_PATCH);
        ExactLength sewn = ExactLength.of(cutting.size().width().plus(oversize.value()));
        List<Figure<?>> givens = List.of(cutting.finished("side", cutting.size().width()), oversize);
        Figure<Length> once = cutting.byFormula(
                "half", Operation.HALF_SQUARE, givens, TriangleSquares.cutOnce(sewn, cutting.seam()));
        Figure<Length> twice = cutting.byFormula(
                "quarter", Operation.QUARTER_SQUARE, givens, TriangleSquares.cutTwice(sewn, cutting.seam()));
        Figure<Count> halves = cutting.sets(TWO);
        UnitCutting quartering = new UnitCutting(cutting.key() + ".quarters", cutting.needed(), cutting.size(), cutting.mirrored(),
                cutting.practice());
        Figure<Count> quarters = quartering.sets(FOUR);
        return cutting.trimmed(
                List.of(
                        CutPiece.square(half, once, Subcut.ONCE, halves),
                        CutPiece.square(firstQuarter, twice, Subcut.TWICE, quarters),
                        CutPiece.square(secondQuarter, twice, Subcut.TWICE, quarters)),
                cutting.yields(halves, TWO),
                UnitKind.THREE_PATCH);
    }
}
