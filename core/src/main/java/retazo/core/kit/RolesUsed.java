package retazo.core.kit;

import java.util.LinkedHashSet;
import java.util.Set;

import retazo.core.cloth.RoleKey;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.Way;

/** Which roles a kit needs cloth or precuts for: a border that a size does not have, or a binding left out, needs none. */
public final class RolesUsed {

    private RolesUsed() {
    }

    /** The roles of one size with these contents. */
    public static Set<RoleKey> of(QuiltDesign design, QuiltPlan plan, Contents contents) {
        Set<RoleKey> used = new LinkedHashSet<>();
        if (plan.way() == Way.SIZE_TABLE) {
            design.table().ifPresent(table -> table.rows().stream()
                    .filter(row -> row.cells().containsKey(plan.size().key()) && contents.includes(row.use().place()))
                    .forEach(row -> used.add(row.role())));
            return used;
        }
        plan.pieces().stream().filter(piece -> contents.includes(piece.use().place())).forEach(piece -> used.add(piece.role()));
        plan.longPieces().stream().filter(pieces -> contents.includes(pieces.use().place())).forEach(pieces -> used.add(pieces.role()));
        plan.bindings().stream().filter(binding -> contents.includes(Use.Place.BINDING)).forEach(binding -> used.add(binding.role()));
        plan.backings().stream().filter(backing -> contents.includes(Use.Place.BACKING)).forEach(backing -> used.add(backing.role()));
        return used;
    }
}
