package retazo.core.quilt.design;

import java.util.List;
import java.util.Optional;
import retazo.core.block.Block;
import retazo.core.block.BlockKey;
import retazo.core.block.Cell;
import retazo.core.block.shape.Orientation;
import retazo.core.block.unit.Patch;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;
import retazo.core.quilt.finish.Finishing;
import retazo.core.quilt.place.PlaceRule;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.setting.Sashing;
import retazo.core.quilt.setting.Setting;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;

/** Plain blocks laid out, for tests of settings. */
public final class Layouts {

    public static final RoleKey A = new RoleKey("A");
    static final RoleKey B = new RoleKey("B");

    private Layouts() {
    }

    public static QuiltPlan plan(Setting setting, Length block, int columns, int rows) {
        return plan(new Composition(PlaceRule.uniform(new BlockKey("plain")), setting, Finishing.NONE), block, columns, rows);
    }

    public static QuiltPlan plan(Composition composition, Length block, int columns, int rows) {
        Block plain = Block.of(List.of(block), List.of(block), List.of(Cell.at(0, 0, new Patch(A), Orientation.UPRIGHT)));
        QuiltSize.Grid size = QuiltSize.Grid.of(new SizeKey("any"), "Any", columns, rows, List.of());
        Drawing drawing = Drawing.of(List.of(new BlockKind(new BlockKey("plain"), "plain", plain)), composition);
        List<Role> roles = drawing.roles().contains(B)
                ? List.of(Role.of(A, "A", "all"), Role.of(B, "B", "other"))
                : List.of(Role.of(A, "A", "all"));
        return new QuiltPlanner(ShopPractice.customary()).plan(QuiltDesign.drawn(roles, List.of(size), drawing), size);
    }

    public static Optional<Sashing> sashes(long inches, boolean framed, boolean cornerstones) {
        return Optional.of(new Sashing(B, Length.ofInches(inches), framed, cornerstones ? Optional.of(A) : Optional.empty()));
    }
}
