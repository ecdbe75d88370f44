package retazo.core.cutting;

import java.util.List;
import java.util.Optional;
import retazo.core.cloth.PrintKind;
import retazo.core.explain.Figure;
import retazo.core.measure.Length;

/**
 * All that is cut from one fabric.
 *
 * @param key         stable start of the keys of the plan's figures
 * @param usableWidth of the cloth
 * @param print       what is printed on it
 * @param squaring    lost once at the end of the cloth
 * @param needs       one or more
 * @param mostSizes   the most different pieces on one strip, where everything is laid together; empty for any number
 */
public record ClothRequest(
        String key, Figure<Length> usableWidth, PrintKind print, Figure<Length> squaring, List<ClothNeed> needs, Optional<Integer> mostSizes) {

    /**
     * @throws IllegalArgumentException if there is nothing to cut
     */
    public ClothRequest {
        needs = List.copyOf(needs);
        if (needs.isEmpty()) {
            throw new IllegalArgumentException("'" + key + "' asks for no cloth.");
        }
    }
}
