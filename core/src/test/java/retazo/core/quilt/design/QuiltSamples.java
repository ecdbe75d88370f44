package retazo.core.quilt.design;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import retazo.core.block.Block;
import retazo.core.block.BlockKey;
import retazo.core.block.CellGrid;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;
import retazo.core.quilt.finish.BorderDesign;
import retazo.core.quilt.finish.Finishing;
import retazo.core.quilt.place.PlaceRule;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;

/** A design to plan with: a block of 12 in from sixteen units of 3 in, one border, binding in the night ground. */
public final class QuiltSamples {

    public static final RoleKey NIGHT = new RoleKey("night");
    public static final RoleKey LANTERN = new RoleKey("lantern");
    public static final RoleKey FOG = new RoleKey("fog");
    public static final RoleKey QUAY = new RoleKey("quay");
    public static final RoleKey BACK = new RoleKey("back");

    public static final BlockKey WAKE_KEY = new BlockKey("wake");

    private static final List<List<String>> WAKE = List.of(
            List.of("C", "B", "B", "A"),
            List.of("C", "C/B", "B/A", "A"),
            List.of("B", "B/A", "A", "A/C"),
            List.of("A", "A", "A/C", "C"));

    private QuiltSamples() {
    }

    public static QuiltDesign ferryWake() {
        return QuiltDesign.drawn(wakeRoles(), List.of(crib(), throwSize(), twin()), drawing(wakeBlock(), QUAY));
    }

    public static List<Role> wakeRoles() {
        return List.of(
                Role.of(NIGHT, "A", "night river"),
                Role.of(LANTERN, "B", "lantern"),
                Role.of(FOG, "C", "fog"),
                Role.of(QUAY, "D", "quay"),
                Role.of(BACK, "E", "back"));
    }

    /** One block everywhere, one border, binding in the night ground. */
    public static Drawing drawing(Block block, RoleKey border) {
        return Drawing.of(
                List.of(new BlockKind(WAKE_KEY, "wake", block)),
                Composition.straight(
                        PlaceRule.uniform(WAKE_KEY),
                        Finishing.of(List.of(BorderDesign.butted(border)), Optional.of(NIGHT), Optional.of(BACK))));
    }

    public static Block wakeBlock() {
        return block(3, WAKE);
    }

    /** A block of equal square cells, typed with the letters A night, B lantern, C fog. */
    public static Block block(long cellInches, List<List<String>> rows) {
        CellGrid.Names names = new CellGrid.Names(Map.of("A", NIGHT, "B", LANTERN, "C", FOG, "D", QUAY, "E", BACK), Map.of());
        CellGrid.Grid reading = CellGrid.read(rows, names);
        if (!reading.problems().isEmpty()) {
            throw new IllegalArgumentException(reading.problems().toString());
        }
        return Block.of(
                Collections.nCopies(rows.get(0).size(), Length.ofInches(cellInches)),
                Collections.nCopies(rows.size(), Length.ofInches(cellInches)),
                reading.cells());
    }

    public static QuiltSize.Grid crib() {
        return QuiltSize.Grid.of(new SizeKey("crib"), "Crib", 3, 4, List.of(Length.ofInches(3)));
    }

    public static QuiltSize.Grid throwSize() {
        return QuiltSize.Grid.of(new SizeKey("throw"), "Throw", 4, 5, List.of(Length.ofInches(4)));
    }

    public static QuiltSize.Grid twin() {
        return QuiltSize.Grid.of(new SizeKey("twin"), "Twin", 5, 7, List.of(Length.ofInches(4)));
    }
}
