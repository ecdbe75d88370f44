package retazo.core.quilt;

import java.util.List;
import java.util.Optional;
import retazo.core.block.Block;
import retazo.core.block.BlockKey;
import retazo.core.block.Cell;
import retazo.core.block.Orientation;
import retazo.core.block.Patch;
import retazo.core.block.Role;
import retazo.core.block.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;

/** Plain blocks laid out, for tests of settings. */
final class Layouts {

    static final RoleKey A = new RoleKey("A");
    static final RoleKey B = new RoleKey("B");

    private Layouts() {
    }

    static QuiltPlan plan(Setting setting, Length block, int columns, int rows) {
        return plan(new Composition(PlaceRule.uniform(new BlockKey("plain")), setting, Finishing.NONE), block, columns, rows);
    }

    static QuiltPlan plan(Composition composition, Length block, int columns, int rows) {
        Block plain = Block.of(List.of(block), List.of(block), List.of(Cell.at(0, 0, new Patch(A), Orientation.UPRIGHT)));
        QuiltSize.Grid size = QuiltSize.Grid.of(new SizeKey("any"), "Any", columns, rows, List.of());
        Drawing drawing = Drawing.of(List.of(new BlockKind(new BlockKey("plain"), "plain", plain)), composition);
        List<Role> roles = drawing.roles().contains(B)
                ? List.of(Role.of(A, "A", "all"), Role.of(B, "B", "other")) : List.of(Role.of(A, "A", "all"));
        return new QuiltPlanner(ShopPractice.customary()).plan(QuiltDesign.drawn(roles, List.of(size), drawing), size);
    }

    static Optional<Sashing> sashes(long inches, boolean framed, boolean cornerstones) {
        return Optional.of(new Sashing(B, Length.ofInches(inches), framed, cornerstones ? Optional.of(A) : Optional.empty()));
    }
}
