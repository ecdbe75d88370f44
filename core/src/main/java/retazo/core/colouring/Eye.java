package retazo.core.colouring;

import static java.util.Objects.requireNonNull;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import retazo.core.cloth.RoleKey;
import retazo.core.colour.FabricLook;

/** Compares fabrics, each two of them once. */
final class Eye {

    private final int contrast;
    private final Map<Two, Double> compared = new HashMap<>();

    /** @param contrast by how much two values must differ to be told apart, of 100 */
    Eye(int contrast) {
        this.contrast = contrast;
    }

    private record Two(FabricLook one, FabricLook other) {
    }

    /** Whether two values, of 100, are told apart side by side. */
    boolean tellsApart(int one, int other) {
        return Math.abs(one - other) >= contrast;
    }

    /** How far apart two fabrics look; see {@link FabricLook#differenceTo}. */
    double difference(Seen one, Seen other) {
        return compared.computeIfAbsent(new Two(one.look(), other.look()), two -> two.one().differenceTo(two.other()));
    }

    /** Whether one is taken for the other across a room. */
    boolean isAlike(Seen one, Seen other) {
        return one.equals(other) || FabricLook.isLike(difference(one, other));
    }

    /** How far a role looks apart from what lies beside it, as a mean along where they touch; 0 for one that touches none. */
    double standsOut(RoleKey role, List<Neighbours.Pair> seen, Map<RoleKey, Seen> fabrics) {
        double sides = 0;
        double sum = 0;
        for (Neighbours.Pair pair : seen) {
            if (pair.has(role)) {
                sides += pair.side().ticks();
                sum += pair.side().ticks()
                        * difference(requireNonNull(fabrics.get(role)), requireNonNull(fabrics.get(pair.beside(role))));
            }
        }
        return sides == 0 ? 0 : sum / sides;
    }
}
