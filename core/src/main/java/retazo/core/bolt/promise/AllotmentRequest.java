package retazo.core.bolt.promise;

import retazo.core.bolt.BoltStock;
import retazo.core.bolt.RestRule;

import java.util.List;
import java.util.Map;

/**
 * Cloth that is kept for bags, and what has none.
 *
 * @param bolts    by fabric; their {@code free} is all that they have for these cuts and needs, kept or not
 * @param held     in the order of cutting on each bolt
 * @param homeless in the order in which equal ones are served
 */
public record AllotmentRequest(Map<String, List<BoltStock>> bolts, List<HeldCut> held, List<ClothNeed> homeless, RestRule rests) {

    public AllotmentRequest {
        bolts = Map.copyOf(bolts);
        held = List.copyOf(held);
        homeless = List.copyOf(homeless);
    }
}
