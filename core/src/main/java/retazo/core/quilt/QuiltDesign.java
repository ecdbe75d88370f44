package retazo.core.quilt;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import retazo.core.block.Block;
import retazo.core.block.Cell;
import retazo.core.block.Role;
import retazo.core.block.RoleKey;
import retazo.core.measure.Problem;

/**
 * What a designer enters for a pattern.
 *
 * @param roles   in the order of their letters
 * @param borders from the inside out
 * @param binding the role of the binding
 * @param backing the role of the backing
 * @param sizes   in the order in which they are shown
 */
public record QuiltDesign(
        List<Role> roles,
        Block block,
        Setting setting,
        List<BorderDesign> borders,
        RoleKey binding,
        RoleKey backing,
        List<QuiltSize> sizes) {

    public static final int MOST_ROLES = 12;
    public static final int MOST_SIZES = 12;
    public static final int MOST_BLOCKS_ACROSS = 60;

    /**
     * @throws IllegalArgumentException if the parts do not belong together; {@link DesignCheck} tells a person
     */
    public QuiltDesign {
        roles = List.copyOf(roles);
        borders = List.copyOf(borders);
        sizes = List.copyOf(sizes);
        List<Problem> problems = DesignCheck.problems(roles, block, borders, List.of(binding, backing), sizes);
        if (!problems.isEmpty()) {
            throw new IllegalArgumentException("The design has faults: " + problems);
        }
    }

    /**
     * @throws IllegalArgumentException if the design has no such role
     */
    public Role role(RoleKey key) {
        return roles.stream()
                .filter(role -> role.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("The design has no role '" + key + "'."));
    }

    /** The uses of a role, blocks first, then borders from the inside, binding, backing. */
    public List<Use> uses(RoleKey role) {
        Set<Use> uses = new TreeSet<>(Comparator.comparing(Use::place).thenComparing(Use::number));
        for (Cell cell : block.cells()) {
            if (cell.unit().roles().contains(role)) {
                uses.add(Use.BLOCKS);
            }
        }
        for (int i = 0; i < borders.size(); i++) {
            if (borders.get(i).role().equals(role)) {
                uses.add(Use.border(i + 1));
            }
        }
        if (binding.equals(role)) {
            uses.add(Use.BINDING);
        }
        if (backing.equals(role)) {
            uses.add(Use.BACKING);
        }
        return new ArrayList<>(uses);
    }
}
