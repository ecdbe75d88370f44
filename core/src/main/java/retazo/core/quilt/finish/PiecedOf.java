package retazo.core.quilt.finish;

import java.util.Optional;
import retazo.core.block.BlockKey;

/**
 * What a pieced border is sewn of: equal blocks side by side, each as high as the border is wide, their upper edge to the outside.
 *
 * @param block  along all four sides
 * @param corner in the four corners, its upper left corner to the outside; plain squares where it is empty
 */
public record PiecedOf(BlockKey block, Optional<BlockKey> corner) {
}
