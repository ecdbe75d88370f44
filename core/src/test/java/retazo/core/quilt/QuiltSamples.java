package retazo.core.quilt;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import retazo.core.block.Block;
import retazo.core.block.CellGrid;
import retazo.core.block.Role;
import retazo.core.block.RoleKey;
import retazo.core.measure.Length;

/** A design to plan with: a block of 12 in from sixteen units of 3 in, one border, binding in the night ground. */
public final class QuiltSamples {

    public static final RoleKey NIGHT = new RoleKey("night");
    public static final RoleKey LANTERN = new RoleKey("lantern");
    public static final RoleKey FOG = new RoleKey("fog");
    public static final RoleKey QUAY = new RoleKey("quay");
    public static final RoleKey BACK = new RoleKey("back");

    private static final List<List<String>> WAKE = List.of(
            List.of("C", "B", "B", "A"),
            List.of("C", "C/B", "B/A", "A"),
            List.of("B", "B/A", "A", "A/C"),
            List.of("A", "A", "A/C", "C"));

    private QuiltSamples() {
    }

    public static QuiltDesign ferryWake() {
        return new QuiltDesign(
                List.of(
                        new Role(NIGHT, "A", "night river"),
                        new Role(LANTERN, "B", "lantern"),
                        new Role(FOG, "C", "fog"),
                        new Role(QUAY, "D", "quay"),
                        new Role(BACK, "E", "back")),
                wakeBlock(),
                new Setting.Straight(),
                List.of(new BorderDesign(QUAY, BorderCorners.BUTTED)),
                NIGHT,
                BACK,
                List.of(crib(), throwSize(), twin()));
    }

    public static Block wakeBlock() {
        List<Length> lines = Collections.nCopies(4, Length.ofInches(3));
        return new Block(lines, lines, CellGrid.read(WAKE, Map.of("A", NIGHT, "B", LANTERN, "C", FOG)).cells());
    }

    public static QuiltSize crib() {
        return new QuiltSize.Grid(new SizeKey("crib"), "Crib", 3, 4, List.of(Length.ofInches(3)));
    }

    public static QuiltSize throwSize() {
        return new QuiltSize.Grid(new SizeKey("throw"), "Throw", 4, 5, List.of(Length.ofInches(4)));
    }

    public static QuiltSize twin() {
        return new QuiltSize.Grid(new SizeKey("twin"), "Twin", 5, 7, List.of(Length.ofInches(4)));
    }
}
