package retazo.core.quilt.finish;

import java.util.Optional;
import retazo.core.cloth.RoleKey;
import retazo.core.quilt.setting.Grain;

/**
 * A border of the design; its width belongs to the size.
 *
 * @param cornerstones the role of the squares in the corners; only with such corners, else the border's own role
 */
public record BorderDesign(RoleKey role, BorderCorners corners, Optional<RoleKey> cornerstones, Grain grain) {

    /** A border of one role with butted corners, laid as takes less. */
    public static BorderDesign butted(RoleKey role) {
        return new BorderDesign(role, BorderCorners.BUTTED, Optional.empty(), Grain.SHORTER);
    }

    public RoleKey cornerRole() {
        return cornerstones.orElse(role);
    }
}
