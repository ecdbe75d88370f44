package retazo.core.kit;

import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.piece.PieceNeed;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.SizeTable;

/**
 * The question what some roles take together of one fabric or precut.
 *
 * @param choice    the fabric or precut
 * @param roles     one or more whose choice it is, or a part of it
 * @param colourway the choice of every role of the design
 */
record NeedRequest(
        QuiltDesign design, QuiltPlan plan, ShopPractice practice, KitChoice.Single choice, List<RoleKey> roles,
        Function<RoleKey, KitChoice> colourway,
        Kind kind) {

    /** What a kit has cloth for, whose instructions it is cut by, and who plans its cloth. */
    record Kind(Contents contents, Instructions instructions, Planners planners) {
    }

    NeedRequest {
        roles = List.copyOf(roles);
    }

    /** Start of the keys of all figures: size and code. */
    String key() {
        return plan.size().key() + "." + choice.code();
    }

    boolean takes(RoleKey role, Use use) {
        return roles.contains(role) && kind.contents().includes(use.place());
    }

    /** Whether pieces come from this choice: where a role has a precut and a fabric, from the precut if that gives them. */
    boolean takes(PieceNeed piece) {
        return takes(piece.role(), piece.use()) && isPartFor(piece.role(), both -> both.good().gives(piece));
    }

    /** Whether a long strip or a back comes from this choice, which a precut beside a fabric leaves to that. */
    boolean takesLong(RoleKey role, Use use) {
        return takes(role, use) && isPartFor(role, both -> false);
    }

    /** Whether a row of a printed table is met by this choice. */
    boolean takesRow(SizeTable.Row row, Predicate<KitGood> isPrecut) {
        return takes(row.role(), row.use()) && isPartFor(row.role(), both -> isPrecut.test(both.good()));
    }

    private boolean isPartFor(RoleKey role, Predicate<KitChoice.Precut> fromPrecut) {
        return colourway.apply(role).match(
                fabric -> true, precut -> true, both -> fromPrecut.test(both.precut()) == choice.match(fabric -> false, precut -> true));
    }

    String letter(RoleKey role) {
        return design.role(role).letter();
    }
}
