package retazo.app.kits;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import retazo.app.fabrics.Fabric;
import retazo.app.patterns.Ink;
import retazo.app.patterns.PatternVersion;
import retazo.core.block.Role;
import retazo.core.block.RoleKey;
import retazo.core.kit.Contents;
import retazo.core.quilt.QuiltSize;

/**
 * A kit as other features see it.
 *
 * @param fabrics of every role of the pattern
 */
public record Kit(
        long id, PatternVersion pattern, QuiltSize size, String colourway, Map<RoleKey, Fabric> fabrics, Contents contents) {

    /** What it is called everywhere: pattern, size, colourway. */
    public String name() {
        return pattern.name() + ", " + size.name() + ", " + colourway;
    }

    public String sizeName() {
        return size.name();
    }

    /** How a role is drawn in this kit: in its fabric. */
    public Ink ink(RoleKey role) {
        return ink(fabrics.get(role));
    }

    /** How a fabric is drawn. */
    public static Ink ink(Fabric fabric) {
        return new Ink("url(#print-" + fabric.code() + ")", "", fabric.groundColour(), fabric.isLight());
    }

    /** The fabrics once each, in the order of the letters of their first roles, with all letters they serve. */
    public Map<Fabric, List<String>> lettersByFabric() {
        Map<Fabric, List<String>> letters = new LinkedHashMap<>();
        for (Role role : pattern.design().roles()) {
            letters.computeIfAbsent(fabrics.get(role.key()), fabric -> new java.util.ArrayList<>()).add(role.letter());
        }
        return letters;
    }
}
