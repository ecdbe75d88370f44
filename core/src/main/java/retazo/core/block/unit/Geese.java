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
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Operation;
import retazo.core.measure.Count;
import retazo.core.measure.ExactLength;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/** A flying goose twice as wide as high. Upright, the goose points up and the sky lies at its left and right. */
public record Geese(RoleKey goose, RoleKey sky, UnitMethod method) implements CutUnit {

    private static final Count FOUR = new Count(4);

    @Override
    public UnitSpec spec() {
        return UnitSpec.plain(UnitKind.GEESE, method, List.of(goose, sky));
    }

    @Override
    public Optional<Problem> problem(FinishedSize size) {
        return size.width().equals(size.height().times(2))
                ? UnitProblems.oneRole(goose, sky)
                : Optional.of(Problem.of("unit.goose-shape", size.width(), size.height()));
    }

    @Override
    public List<DrawnPatch> draw(FinishedSize size) {
        List<Point> corners = Outlines.corners(size);
        Point tip = Outlines.point(Outlines.half(size.width()), Length.ZERO);
        return List.of(
                Outlines.patch(goose, tip, corners.get(2), corners.get(3)),
                Outlines.patch(sky, corners.get(0), tip, corners.get(3)),
                Outlines.patch(sky, tip, corners.get(1), corners.get(2)));
    }

    @Override
    public Count perCut() {
        return method == UnitMethod.FOUR_AT_A_TIME ? FOUR : Count.ONE;
    }

    @Override
    public UnitCut cut(UnitCutting cutting) {
        return method == UnitMethod.FOUR_AT_A_TIME ? fourAtATime(cutting) : flipped(cutting);
    }

    /** Stitch and flip: a goose patch and two sky squares as high as it. */
    private UnitCut flipped(UnitCutting cutting) {
        Figure<Length> width = cutting.withOversize("width", "unit.patchWidth", cutting.size().width(), UnitKind.GEESE);
        Figure<Length> height = cutting.withOversize("height", "unit.patchHeight", cutting.size().height(), UnitKind.GEESE);
        return cutting.trimmed(
                List.of(
                        CutPiece.rectangle(goose, width, height, cutting.needed()),
                        CutPiece.square(sky, height, Subcut.NONE, cutting.times("sky", cutting.needed(), 2))),
                cutting.needed(),
                UnitKind.GEESE);
    }

    /**
     * One goose square and four sky squares give four. A goose is a quarter of a square cut twice, a sky half of a square
     * cut once. The sky squares must meet over the middle of the goose square, so each is at least half of it, as it is
     * cut, and a seam.
     */
    private UnitCut fourAtATime(UnitCutting cutting) {
        Figure<Length> oversize = cutting.practice().oversize(UnitKind.GEESE);
        Length seam = cutting.seam();
        ExactLength width = ExactLength.of(cutting.size().width().plus(oversize.value()));
        ExactLength height = ExactLength.of(cutting.size().height().plus(oversize.value()));
        Figure<Length> gooseSquare = cutting.byFormula(
                "goose", Operation.QUARTER_SQUARE, List.of(cutting.finished("goose", cutting.size().width()), oversize),
                TriangleSquares.cutTwice(width, seam));
        Figure<Length> sky = cutting.byFormula(
                "skyAlone", Operation.SKY_SQUARE, List.of(cutting.finished("sky", cutting.size().height()), oversize),
                TriangleSquares.cutOnce(height, seam));
        Figure<Length> toMeet = cutting.byFormula(
                "skyToMeet", Operation.HALF_AND_SEAM, List.of(gooseSquare),
                ExactLength.of(gooseSquare.value()).dividedBy(2).plus(ExactLength.of(seam)));
        Figure<Length> skySquare = toMeet.value().isLongerThan(sky.value())
                ? Arithmetic.roundedUp(
                        cutting.key() + ".sky", Label.of("unit.sky"), toMeet, cutting.practice().cuttingStep())
                : Arithmetic.greatest(cutting.key() + ".sky", Label.of("unit.sky"), List.of(sky, toMeet));
        Figure<Count> sets = cutting.sets(FOUR);
        return cutting.trimmed(
                List.of(
                        CutPiece.square(goose, gooseSquare, Subcut.NONE, sets),
                        CutPiece.square(this.sky, skySquare, Subcut.NONE, cutting.times("sky", sets, 4))),
                cutting.yields(sets, FOUR),
                UnitKind.GEESE);
    }
}
