package retazo.core.quilt;

import java.util.List;
import java.util.Optional;
import retazo.core.block.Block;
import retazo.core.block.BlockKey;
import retazo.core.block.RoleKey;

/**
 * A pattern that is drawn: its blocks, where they stand, and what lies around them.
 *
 * @param blocks  all kinds, those that only stand inside others too
 * @param borders from the inside out
 * @param binding the role of the binding; empty for turned edges
 * @param backing the role of the backing; empty where the pattern names none
 */
public record Drawing(
        List<BlockKind> blocks,
        PlaceRule places,
        Setting setting,
        List<BorderDesign> borders,
        Optional<RoleKey> binding,
        Optional<RoleKey> backing) {

    public static final int MOST_BLOCKS = 12;

    public Drawing {
        blocks = List.copyOf(blocks);
        borders = List.copyOf(borders);
    }

    /**
     * @throws IllegalArgumentException if there is no such block
     */
    public Block block(BlockKey key) {
        return kind(key).block();
    }

    /**
     * @throws IllegalArgumentException if there is no such block
     */
    public BlockKind kind(BlockKey key) {
        return blocks.stream()
                .filter(kind -> kind.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("The design has no block '" + key + "'."));
    }

    /** The kinds that stand in the quilt, in the order of the place rule. */
    public List<BlockKind> placed() {
        return places.distinctKinds().stream().map(this::kind).toList();
    }

    /** The block at the top left, whose size all placed blocks have. */
    public Block first() {
        return block(places.kinds().get(0));
    }
}
