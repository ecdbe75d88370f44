package retazo.core.colouring;

import java.util.HashMap;
import java.util.Map;
import retazo.core.colour.FabricLook;

/** Compares fabrics, each two of them once. */
final class Eye {

    private final Map<Two, Double> compared = new HashMap<>();

    private record Two(FabricLook one, FabricLook other) {
    }

    /** How far apart two fabrics look; see {@link FabricLook#differenceTo}. */
    double difference(Seen one, Seen other) {
        return compared.computeIfAbsent(new Two(one.look(), other.look()), two -> two.one().differenceTo(two.other()));
    }

    /** Whether one is taken for the other across a room. */
    boolean isAlike(Seen one, Seen other) {
        return one.equals(other) || FabricLook.isLike(difference(one, other));
    }
}
