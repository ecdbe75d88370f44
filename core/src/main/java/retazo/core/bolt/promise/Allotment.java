package retazo.core.bolt.promise;

import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What became of cloth that was kept for bags.
 *
 * @param letGo   ids of cuts that do not stay as they were
 * @param placed  the bolt of each need that lies anew, by the need's id
 * @param waiting needs for which there is no cloth, those that come first first
 */
public record Allotment(Set<String> letGo, Map<String, String> placed, List<ClothNeed> waiting) {

    public Allotment {
        letGo = Set.copyOf(letGo);
        placed = Map.copyOf(placed);
        waiting = List.copyOf(waiting);
    }

    /** Whether all stays as it was and nothing found a bolt. */
    public boolean changesNothing() {
        return letGo.isEmpty() && placed.isEmpty();
    }
}
