package retazo.core.block.shape;

import retazo.core.cloth.RoleKey;
import retazo.core.explain.Figure;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/**
 * Pieces of one role and one shape.
 *
 * @param count how many; of a strip set, how many segments
 */
public record CutPiece(RoleKey role, PieceShape shape, Figure<Count> count) {

    /** A rectangle whose width lies across the cloth. */
    public static CutPiece rectangle(RoleKey role, Figure<Length> width, Figure<Length> height, Figure<Count> count) {
        return new CutPiece(role, new PieceShape.Rectangle(width, height, Subcut.NONE, Hand.EITHER), count);
    }

    /** A square that is cut again on its diagonals. */
    public static CutPiece square(RoleKey role, Figure<Length> side, Subcut subcut, Figure<Count> count) {
        return new CutPiece(role, new PieceShape.Rectangle(side, side, subcut, Hand.EITHER), count);
    }
}
