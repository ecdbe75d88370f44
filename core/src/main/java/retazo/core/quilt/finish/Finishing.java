package retazo.core.quilt.finish;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import retazo.core.cloth.RoleKey;

/**
 * What lies around the blocks and behind them.
 *
 * @param borders    from the inside out
 * @param flange     around the blocks; empty for none
 * @param binding    its role; empty for turned edges
 * @param bindingCut how its strips are cut
 * @param backing    its role; empty where the pattern names none
 */
public record Finishing(
        List<BorderDesign> borders, Optional<Flange> flange, Optional<RoleKey> binding, BindingCut bindingCut, Optional<RoleKey> backing) {

    public static final Finishing NONE = new Finishing(List.of(), Optional.empty(), Optional.empty(), BindingCut.STRAIGHT,
            Optional.empty());

    public Finishing {
        borders = List.copyOf(borders);
    }

    /** Borders, straight binding and backing. */
    public static Finishing of(List<BorderDesign> borders, Optional<RoleKey> binding, Optional<RoleKey> backing) {
        return new Finishing(borders, Optional.empty(), binding, BindingCut.STRAIGHT, backing);
    }

    public Set<RoleKey> roles() {
        Set<RoleKey> roles = new LinkedHashSet<>();
        borders.forEach(border -> {
            roles.add(border.role());
            border.cornerstones().ifPresent(roles::add);
        });
        flange.map(Flange::role).ifPresent(roles::add);
        binding.ifPresent(roles::add);
        backing.ifPresent(roles::add);
        return roles;
    }
}
