package retazo.core.quilt;

import java.util.List;
import retazo.core.explain.Figure;
import retazo.core.measure.Length;

/**
 * One size of a design worked out: everything that does not depend on the width of a cloth.
 *
 * @param layout         the blocks, without borders
 * @param finishedWidth  with borders
 * @param finishedHeight with borders
 * @param pieces         by role in the design's order, larger pieces first
 * @param borders        from the inside out; none where the size has none
 */
public record QuiltPlan(
        QuiltSize size,
        Setting.Layout layout,
        Figure<Length> finishedWidth,
        Figure<Length> finishedHeight,
        List<PieceNeed> pieces,
        List<BorderPieces> borders,
        BindingStrip binding,
        BackingSheet backing) {

    public QuiltPlan {
        pieces = List.copyOf(pieces);
        borders = List.copyOf(borders);
    }
}
