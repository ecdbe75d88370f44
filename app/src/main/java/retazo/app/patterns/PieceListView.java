package retazo.app.patterns;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.block.RoleKey;
import retazo.core.block.SewnUnit;
import retazo.core.measure.LengthParts;
import retazo.core.measure.LengthUnit;
import retazo.core.quilt.PieceNeed;
import retazo.core.quilt.QuiltDesign;

/** The pieces of one block: what is cut, how many of it a block takes, and how it is made. */
record PieceListView(List<Line> lines) {

    /**
     * Pieces of one role and cut size.
     *
     * @param perBlock number of pieces one block takes, with a half where two blocks share a square
     */
    record Line(RoleView role, String label, LengthView width, LengthView height, String perBlock, List<String> made) {
    }

    static PieceListView of(QuiltDesign design, List<PieceNeed> pieces, Words words) {
        Map<String, RoleView> roles = RoleView.of(design, words).stream().collect(Collectors.toMap(RoleView::key, Function.identity()));
        return new PieceListView(pieces.stream()
                .map(piece -> new Line(
                        roles.get(piece.role().value()),
                        piece.label(),
                        LengthView.inches(piece.width().value()),
                        LengthView.inches(piece.height().value()),
                        perBlock(piece),
                        piece.uses().stream().map(use -> made(use, piece.role(), roles, words)).toList()))
                .toList());
    }

    /** Units of a block divided by how many come from one piece: 1 for a patch, 2 for triangles two at a time. */
    private static String perBlock(PieceNeed piece) {
        long halves = piece.uses().stream()
                .mapToLong(use -> use.perBlock().value() * 2 / use.unit().perCut().value())
                .sum();
        return halves % 2 == 0 ? Long.toString(halves / 2) : halves / 2 == 0 ? "½" : halves / 2 + "½";
    }

    private static String made(PieceNeed.PieceUse use, RoleKey role, Map<String, RoleView> roles, Words words) {
        SewnUnit unit = use.unit();
        return unit.match(
                patch -> words.text("made.patch", LengthParts.of(patch.finishedWidth(), LengthUnit.INCH).plainNumber(),
                        LengthParts.of(patch.finishedHeight(), LengthUnit.INCH).plainText()),
                halfSquare -> words.text(
                        use.perBlock().value() == 1 ? "made.half-square.one" : "made.half-square",
                        use.perBlock().value(),
                        LengthParts.of(halfSquare.finishedSide(), LengthUnit.INCH).plainText(),
                        roles.get((halfSquare.first().equals(role) ? halfSquare.second() : halfSquare.first()).value()).letter()));
    }
}
