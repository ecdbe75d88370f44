package retazo.core.block.unit;

import java.util.List;
import java.util.Optional;
import retazo.core.block.shape.CutPiece;
import retazo.core.block.shape.DrawnPatch;
import retazo.core.block.shape.FinishedSize;
import retazo.core.block.shape.Outlines;
import retazo.core.block.shape.UnitCut;
import retazo.core.block.spec.UnitKind;
import retazo.core.block.spec.UnitMethod;
import retazo.core.block.spec.UnitSpec;
import retazo.core.cloth.RoleKey;
import retazo.core.explain.Figure;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/** A plain patch of one role. */
public record Patch(RoleKey role) implements CutUnit {

    @Override
    public UnitSpec spec() {
        return UnitSpec.plain(UnitKind.PATCH, UnitMethod.ONLY, List.of(role));
    }

    @Override
    public Optional<Problem> problem(FinishedSize size) {
        return Optional.empty();
    }

    @Override
    public List<DrawnPatch> draw(FinishedSize size) {
        return List.of(new DrawnPatch(role, Outlines.corners(size)));
    }

    /** {@inheritDoc} Each patch is cut (w + 2s) × (h + 2s). */
    @Override
    public UnitCut cut(UnitCutting cutting) {
        Figure<Length> width = cutting.withSeams("width", "unit.patchWidth", cutting.size().width());
        Figure<Length> height = cutting.withSeams("height", "unit.patchHeight", cutting.size().height());
        return UnitCut.untrimmed(List.of(CutPiece.rectangle(role, width, height, cutting.needed())), cutting.needed());
    }
}
