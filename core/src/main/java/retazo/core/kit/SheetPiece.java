package retazo.core.kit;

import java.util.Optional;

import retazo.core.cutting.strip.LaidPiece;
import retazo.core.measure.Count;
import retazo.core.quilt.piece.PieceNeed;

/**
 * Pieces that come from a precut.
 *
 * @param count    how many; of strips of a set, strips
 * @param laid     how one is cut by a diagram; empty where the pattern says how many a sheet gives
 * @param perSheet as the pattern says it; 0 where a diagram does
 */
public record SheetPiece(PieceNeed need, int count, Optional<LaidPiece> laid, int perSheet) {

    /** How many sheets the pattern has cut for them; 0 where a diagram says it. */
    public long sheets() {
        return laid.isPresent() ? 0 : new Count(count).inGroupsOf(new Count(perSheet)).value();
    }
}
