package retazo.core.kit;

import retazo.core.cloth.PrecutKind;
import retazo.core.measure.Count;

/**
 * A counted precut as a kit sees it.
 *
 * @param code    unique in the shop
 * @param perUnit how many strips, squares or quarters one unit of stock has: 40 in a pack, 1 for loose pieces
 */
public record KitGood(String code, PrecutKind kind, Count perUnit) {

    boolean isLoose() {
        return perUnit.equals(Count.ONE);
    }
}
