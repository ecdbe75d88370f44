package retazo.core.kit;

import java.util.LinkedHashSet;
import java.util.Set;
import retazo.core.cloth.RoleKey;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.Way;

/** Which parts of a quilt a kit has cloth for; the blocks and borders always. */
public record Contents(boolean binding, boolean backing) {

    public static final Contents EVERYTHING = new Contents(true, true);

    boolean includes(Use.Place place) {
        return switch (place) {
            case BLOCKS, SASH, CORNERSTONE, SETTING, FLANGE, BORDER -> true;
            case BINDING -> binding;
            case BACKING -> backing;
        };
    }

    /** The roles that a size needs cloth or precuts for: a border that it does not have, or a binding left out, needs none. */
    public Set<RoleKey> roles(QuiltDesign design, QuiltPlan plan) {
        Set<RoleKey> used = new LinkedHashSet<>();
        if (plan.way() == Way.SIZE_TABLE) {
            design.table().ifPresent(table -> table.rows().stream()
                    .filter(row -> row.cells().containsKey(plan.size().key()) && includes(row.use().place()))
                    .forEach(row -> used.add(row.role())));
            return used;
        }
        plan.pieces().stream().filter(piece -> includes(piece.use().place())).forEach(piece -> used.add(piece.role()));
        plan.longPieces().stream().filter(pieces -> includes(pieces.use().place())).forEach(pieces -> used.add(pieces.role()));
        plan.bindings().stream().filter(binding -> includes(Use.Place.BINDING)).forEach(binding -> used.add(binding.role()));
        plan.backings().stream().filter(backing -> includes(Use.Place.BACKING)).forEach(backing -> used.add(backing.role()));
        return used;
    }
}
