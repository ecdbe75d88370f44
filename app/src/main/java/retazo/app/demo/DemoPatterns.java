package retazo.app.demo;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.core.block.Block;
import retazo.core.block.CellGrid;
import retazo.core.block.Role;
import retazo.core.block.RoleKey;
import retazo.core.measure.Length;
import retazo.core.quilt.BorderCorners;
import retazo.core.quilt.BorderDesign;
import retazo.core.quilt.QuiltDesign;
import retazo.core.quilt.QuiltSize;
import retazo.core.quilt.Setting;
import retazo.core.quilt.SizeKey;

/** The demo shop's own pattern. */
@Component
class DemoPatterns {

    private final PatternService patterns;

    DemoPatterns(PatternService patterns) {
        this.patterns = patterns;
    }

    /** A ferry's wake: broad diagonal bands of night and lantern over fog. */
    PatternVersion ferryWake(long personId) {
        List<Role> roles = List.of(
                new Role(new RoleKey("night"), "A", "night river"),
                new Role(new RoleKey("lantern"), "B", "lantern"),
                new Role(new RoleKey("fog"), "C", "fog"),
                new Role(new RoleKey("quay"), "D", "quay"),
                new Role(new RoleKey("back"), "E", "back"));
        Map<String, RoleKey> byLetter = new LinkedHashMap<>();
        roles.forEach(role -> byLetter.put(role.letter(), role.key()));
        List<Length> lines = Collections.nCopies(4, Length.ofInches(3));
        List<List<String>> cells = List.of(
                List.of("C", "B", "B", "A"),
                List.of("C", "C/B", "B/A", "A"),
                List.of("B", "B/A", "A", "A/C"),
                List.of("A", "A", "A/C", "C"));
        QuiltDesign design = new QuiltDesign(
                roles,
                new Block(lines, lines, CellGrid.read(cells, byLetter).cells()),
                new Setting.Straight(),
                List.of(new BorderDesign(new RoleKey("quay"), BorderCorners.BUTTED)),
                new RoleKey("night"),
                new RoleKey("back"),
                List.of(
                        size("crib", "Crib", 3, 4, 3),
                        size("throw", "Throw", 4, 5, 4),
                        size("twin", "Twin", 5, 7, 4)));
        return patterns.add("Ferry Wake", design, personId).match(
                version -> version,
                problems -> {
                    throw new IllegalStateException("The demo pattern was refused: " + problems);
                });
    }

    private static QuiltSize size(String key, String name, int columns, int rows, int borderInches) {
        return new QuiltSize.Grid(new SizeKey(key), name, columns, rows, List.of(Length.ofInches(borderInches)));
    }
}
