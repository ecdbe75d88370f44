package retazo.core.quilt.plan;

import java.util.Optional;
import retazo.core.explain.Figure;
import retazo.core.measure.Count;
import retazo.core.quilt.design.BlockKind;

/**
 * A border sewn of blocks, worked out.
 *
 * @param number which border, from 1 at the inside
 * @param of     the name of what it is sewn to, before its own; empty for the quilt
 * @param across how many blocks the top has, and the bottom
 * @param down   how many each side has
 * @param corner the blocks of the corners; plain squares where it is empty
 */
public record PiecedBorder(int number, String of, BlockKind block, Figure<Count> across, Figure<Count> down, Optional<BlockKind> corner) {

    /** The name of its blocks among those of the quilt, where the same kind may stand as well: {@code tooth-border2}. */
    public String name() {
        return of + block.key().value() + "-border" + number;
    }

    /** The name of its corner blocks, where it has some; empty for plain squares. */
    public Optional<String> cornerName() {
        return corner.map(kind -> of + kind.key().value() + "-corner" + number);
    }
}
