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

/** Four quarter triangles in a square. Upright, the first role lies at the top and at the bottom. */
public record Hourglass(RoleKey first, RoleKey second, UnitMethod method) implements CutUnit {

    private static final Count TWO = new Count(2);

    @Override
    public UnitSpec spec() {
        return UnitSpec.plain(UnitKind.HOURGLASS, method, List.of(first, second));
    }

    @Override
    public Optional<Problem> problem(FinishedSize size) {
        return UnitProblems.notSquare(size).or(() -> UnitProblems.oneRole(first, second));
    }

    @Override
    public List<DrawnPatch> draw(FinishedSize size) {
        List<Point> corners = Outlines.corners(size);
        Point centre = Outlines.centre(size);
        return List.of(
                Outlines.patch(first, corners.get(0), corners.get(1), centre),
                Outlines.patch(second, corners.get(1), corners.get(2), centre),
                Outlines.patch(first, corners.get(2), corners.get(3), centre),
                Outlines.patch(second, corners.get(3), corners.get(0), centre));
    }

    /** The two roles have no order: turned a quarter, one is the other. */
    @Override
    public CutUnit pooled() {
        return first.compareTo(second) > 0 ? new Hourglass(second, first, method) : this;
    }

    @Override
    public Count perCut() {
        return TWO;
    }

    /**
     * {@inheritDoc}
     *
     * <p>From triangles: squares cut twice, {@link TriangleSquares#cutTwice}; a unit takes two triangles of each. From
     * half-square triangles: the same square, since a pair of them trimmed to F + a + 2s + s√2 loses s√2 on its diagonal
     * when it is sewn and cut again; two squares give two.
     */
    @Override
    public UnitCut cut(UnitCutting cutting) {
        Figure<Length> oversize = cutting.practice().oversize(UnitKind.HOURGLASS);
        Length seam = cutting.seam();
        ExactLength sewn = ExactLength.of(cutting.size().width().plus(oversize.value()));
        List<Figure<?>> givens = List.of(cutting.finished("side", cutting.size().width()), oversize);
        boolean paired = method == UnitMethod.HALF_SQUARES;
        Figure<Length> side = cutting.byFormula(
                "side", paired ? Operation.PAIRED_TRIANGLES : Operation.QUARTER_SQUARE, givens, TriangleSquares.cutTwice(sewn, seam));
        Figure<Count> squares = cutting.sets(TWO);
        Subcut subcut = paired ? Subcut.NONE : Subcut.TWICE;
        UnitCut cut = cutting.trimmed(
                List.of(CutPiece.square(first, side, subcut, squares), CutPiece.square(second, side, subcut, squares)),
                cutting.yields(squares, TWO),
                UnitKind.HOURGLASS);
        if (!paired) {
            return cut;
        }
        Figure<Length> pair = cutting.byFormula("pairTrim", Operation.PAIRED_TRIM, givens, TriangleSquares.cutOnce(sewn, seam));
        return new UnitCut(cut.pieces(), cut.yields(), Optional.of(new UnitCut.Measures(pair, pair)), cut.trimTo());
    }
}
