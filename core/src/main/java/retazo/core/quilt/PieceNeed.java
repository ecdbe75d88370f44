package retazo.core.quilt;

import java.util.List;
import retazo.core.block.RoleKey;
import retazo.core.block.SewnUnit;
import retazo.core.explain.Figure;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/**
 * Pieces of one role and one cut size for a whole quilt.
 *
 * @param label the role's letter and a number: {@code A1}
 * @param uses  the units that these pieces make, one or more
 */
public record PieceNeed(
        String label, RoleKey role, Figure<Length> width, Figure<Length> height, Figure<Count> count, List<PieceUse> uses) {

    public PieceNeed {
        uses = List.copyOf(uses);
    }

    /**
     * A unit that pieces are cut for.
     *
     * @param perBlock how many of the unit one block has
     * @param pieces   how many pieces the quilt takes for it
     */
    public record PieceUse(SewnUnit unit, Count perBlock, Figure<Count> pieces) {
    }
}
