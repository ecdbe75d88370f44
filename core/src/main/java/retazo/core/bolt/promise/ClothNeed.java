package retazo.core.bolt.promise;

import retazo.core.measure.Length;

/**
 * A length that a bag needs, in one piece, of one fabric.
 *
 * @param id           unique in the request
 * @param bag          whose it is; the needs of one bag stand side by side, its fabrics all differ
 * @param plannedWidth narrower bolts do not do
 * @param mayTake      whether cloth that is kept for bags that come after may be taken for it
 */
public record ClothNeed(
        String id, String bag, String fabricCode, Length length, Length plannedWidth, Precedence precedence, boolean mayTake) {

    public ClothNeed {
        if (!length.isPositive()) {
            throw new IllegalArgumentException("Bag '" + bag + "' needs " + length + " of " + fabricCode + ".");
        }
    }
}
