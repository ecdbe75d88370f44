package retazo.core.quilt.design;

import retazo.core.block.Block;
import retazo.core.block.BlockKey;

/**
 * One of the blocks of a design.
 *
 * @param name what the designer calls it: {@code star}
 */
public record BlockKind(BlockKey key, String name, Block block) {
}
