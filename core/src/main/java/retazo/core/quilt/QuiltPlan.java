package retazo.core.quilt;

import java.util.List;
import java.util.Optional;
import retazo.core.explain.Figure;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/**
 * One size of a design worked out: everything that does not depend on the width of a cloth.
 *
 * @param way      from which of the design's ways it comes; from a size table, which names lengths only, there are no pieces
 * @param layout   the blocks, without borders; only of a drawing
 * @param finished with borders; as printed where nothing is drawn
 * @param pieces   by role in the design's order, larger pieces first
 * @param borders  from the inside out; none where the size has none
 * @param warnings what a cutter should know before cutting, such as sizes off the ruler's step
 */
public record QuiltPlan(
        QuiltSize size,
        Way way,
        Optional<Setting.Layout> layout,
        Optional<Finished> finished,
        List<PieceNeed> pieces,
        List<BorderPieces> borders,
        Optional<BindingStrip> binding,
        Optional<BackingSheet> backing,
        List<Problem> warnings) {

    public QuiltPlan {
        pieces = List.copyOf(pieces);
        borders = List.copyOf(borders);
        warnings = List.copyOf(warnings);
    }

    /** A finished width and height. */
    public record Finished(Figure<Length> width, Figure<Length> height) {
    }
}
