package retazo.core.quilt.design;

import java.util.LinkedHashSet;
import java.util.Set;
import retazo.core.cloth.RoleKey;
import retazo.core.quilt.finish.Finishing;
import retazo.core.quilt.place.PlaceRule;
import retazo.core.quilt.setting.Setting;

/** How blocks become a quilt: where they stand, how they are laid out, and what lies around them. */
public record Composition(PlaceRule places, Setting setting, Finishing finishing) {

    /** Blocks side by side. */
    public static Composition straight(PlaceRule places, Finishing finishing) {
        return new Composition(places, Setting.PLAIN, finishing);
    }

    /** All roles beside those of the blocks. */
    Set<RoleKey> roles() {
        Set<RoleKey> roles = new LinkedHashSet<>(places.addedRoles());
        setting.sashing().ifPresent(sashes -> {
            roles.add(sashes.role());
            sashes.cornerstones().ifPresent(roles::add);
        });
        setting.triangles().ifPresent(triangles -> {
            roles.add(triangles.sides());
            roles.add(triangles.corners());
        });
        roles.addAll(finishing.roles());
        return roles;
    }
}
