package retazo.core.quilt.finish;

import java.util.Optional;
import retazo.core.cloth.RoleKey;
import retazo.core.quilt.setting.Grain;

/**
 * A border of the design; its width belongs to the size.
 *
 * @param role         of its strips; of a pieced one, of the squares in its corners where those are no blocks
 * @param cornerstones the role of the squares in the corners; only with such corners, else the border's own role
 * @param pieced       what it is sewn of; empty for plain strips
 */
public record BorderDesign(
        RoleKey role, BorderCorners corners, Optional<RoleKey> cornerstones, Grain grain, Optional<PiecedOf> pieced) {

    /** A border of plain strips. */
    public BorderDesign(RoleKey role, BorderCorners corners, Optional<RoleKey> cornerstones, Grain grain) {
        this(role, corners, cornerstones, grain, Optional.empty());
    }

    /** A border of one role with butted corners, laid as takes less. */
    public static BorderDesign butted(RoleKey role) {
        return new BorderDesign(role, BorderCorners.BUTTED, Optional.empty(), Grain.SHORTER);
    }

    public RoleKey cornerRole() {
        return cornerstones.orElse(role);
    }
}
