package retazo.core.block.spec;

import java.util.List;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;

/**
 * A part of a unit as it is typed: its role, where it sits, and the sizes that the cell does not give.
 *
 * @param role  its role
 * @param place a word such as {@code top-left}; empty where the order of parts says it
 * @param sizes finished sizes or points of an outline, as the kind of unit says
 */
public record UnitPart(RoleKey role, String place, List<Length> sizes) {

    public UnitPart {
        sizes = List.copyOf(sizes);
    }

    public static UnitPart of(RoleKey role) {
        return new UnitPart(role, "", List.of());
    }

    public static UnitPart of(RoleKey role, Length size) {
        return new UnitPart(role, "", List.of(size));
    }

    public boolean isPlain() {
        return place.isEmpty() && sizes.isEmpty();
    }
}
