package retazo.core.packet;

import java.util.Optional;
import retazo.core.block.shape.PieceShape;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;
import retazo.core.quilt.setting.Runs;
import retazo.core.quilt.setting.Use;

/**
 * Pieces of one kind that the shop cuts for one bag.
 *
 * @param key    tells them from all others of the kit: the label of pieces such as {@code A1}, else a name of the plan's own
 * @param label  {@code A1}; empty for long strips and panels, which are called by their use
 * @param from   code of the fabric or precut that they are cut from
 * @param shape  of pieces; empty for long strips and panels
 * @param runs   the one way in which long strips run, where they do; empty for all else
 * @param width  cut size across the cloth, as drawn
 * @param height cut size along it
 * @param count  how many, 1 or more; of strips that are sewn together before they are cut, strips
 */
public record ShopPiece(
        String key, String label, RoleKey role, String from, Use use, Optional<PieceShape> shape, Optional<Runs> runs,
        Length width, Length height, int count) {

    /** So many of them. */
    ShopPiece times(int other) {
        return new ShopPiece(key, label, role, from, use, shape, runs, width, height, other);
    }
}
