package retazo.core.quilt.place;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import retazo.core.block.Block;
import retazo.core.cloth.RoleKey;

/**
 * Which roles of a block are replaced in a place.
 *
 * @param changes none, one for the whole block, or four for its quarters at the top left, top right, bottom right and bottom left
 */
public record Colouring(List<Map<RoleKey, RoleKey>> changes) {

    public static final Colouring AS_DRAWN = new Colouring(List.of());

    public Colouring {
        changes = changes.stream().map(Map::copyOf).toList();
        if (changes.size() > 1 && changes.size() != 4) {
            throw new IllegalArgumentException("A block has no " + changes.size() + " parts to colour.");
        }
    }

    static Colouring whole(Map<RoleKey, RoleKey> changes) {
        return new Colouring(List.of(changes));
    }

    /** The block in these colours; empty where a unit cannot be made of them. */
    public Optional<Block> of(Block block) {
        List<UnaryOperator<RoleKey>> operators = changes.stream().<UnaryOperator<RoleKey>>map(
                change -> role -> change.getOrDefault(role, role)).toList();
        return switch (operators.size()) {
            case 0 -> Optional.of(block);
            case 1 -> block.recoloured(operators.get(0));
            default -> block.recolouredByQuarter(operators);
        };
    }
}
