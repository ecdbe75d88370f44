package retazo.core.precut;

import java.util.Optional;
import retazo.core.block.shape.PieceShape;
import retazo.core.cutting.strip.LaidPiece;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.quilt.piece.PieceNeed;

/** Pieces of a quilt as they are cut from sheets. */
final class SheetPieces {

    private SheetPieces() {
    }

    /**
     * A rectangle as it is; a strip of a set, or a whole strip, as long as the sheet, as many as the set takes of that length.
     * Empty for what
     * is cut in other ways, or where the sheet is too short for one segment.
     *
     * @param length  of the sheet, along which strips lie
     * @param mayTurn whether the print lets a rectangle lie a quarter turned
     */
    static Optional<LaidPiece> of(PieceNeed need, Length length, boolean mayTurn) {
        PieceShape shape = need.shape();
        Optional<LaidPiece> rectangle = shape.asRectangle().map(one -> new LaidPiece(
                need.label(), one.width().value(), one.height().value(), Math.toIntExact(need.count().value().value()), mayTurn));
        return rectangle.or(() -> shape.setRoles().isEmpty() ? Optional.empty() : setStrips(need, length, mayTurn));
    }

    private static Optional<LaidPiece> setStrips(PieceNeed need, Length length, boolean mayTurn) {
        Figure<Length> across = Figure.given("precut.length", Label.of("precut.length"), length, Origin.craft("precut-length"));
        Figure<Count> perStrip = need.shape().perStrip("precut.perStrip", Label.of("precut.perStrip"), across, false);
        if (perStrip.value().value() == 0) {
            return Optional.empty();
        }
        Count strips = need.shape().strips("precut.strips", Label.of("precut.strips"), need.count(), perStrip).value();
        return Optional
                .of(new LaidPiece(need.label(), length, need.shape().stripHeight().value(), Math.toIntExact(strips.value()), mayTurn));
    }
}
