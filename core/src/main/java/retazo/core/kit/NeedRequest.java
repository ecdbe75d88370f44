package retazo.core.kit;

import java.util.List;
import java.util.function.Function;
import retazo.core.block.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.quilt.QuiltDesign;
import retazo.core.quilt.QuiltPlan;
import retazo.core.quilt.Use;

/**
 * The question what some roles take together of one fabric or precut.
 *
 * @param roles     one or more, all with the same choice
 * @param colourway the choice of every role of the design
 */
record NeedRequest(
        QuiltDesign design, QuiltPlan plan, ShopPractice practice, List<RoleKey> roles, Function<RoleKey, KitChoice> colourway,
        Kind kind) {

    /** What a kit has cloth for, and whose instructions it is cut by. */
    record Kind(Contents contents, Instructions instructions) {
    }

    NeedRequest {
        roles = List.copyOf(roles);
    }

    KitChoice choice() {
        return colourway.apply(roles.get(0));
    }

    /** Start of the keys of all figures: size and code. */
    String key() {
        return plan.size().key() + "." + choice().code();
    }

    boolean takes(RoleKey role, Use use) {
        return roles.contains(role) && kind.contents().includes(use.place());
    }

    String letter(RoleKey role) {
        return design.role(role).letter();
    }
}
