package retazo.core.quilt.plan;

import java.util.Optional;
import retazo.core.explain.Figure;
import retazo.core.measure.Count;
import retazo.core.quilt.design.BlockKind;

/**
 * A border sewn of blocks, worked out.
 *
 * @param number which border, from 1 at the inside
 * @param name   of its blocks among those of the quilt; its corner blocks have {@link #cornerName}
 * @param across how many blocks the top has, and the bottom
 * @param down   how many each side has
 * @param corner the blocks of the corners; plain squares where it is empty
 */
public record PiecedBorder(int number, String name, BlockKind block, Figure<Count> across, Figure<Count> down, Optional<BlockKind> corner) {

    public String cornerName() {
        return name + "-corner";
    }
}
