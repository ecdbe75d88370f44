package retazo.core.cutting.strip;

import java.util.Objects;
import retazo.core.measure.Length;

/**
 * Strips whose number is settled before anything is laid: those of a strip set, panels, borders along the length. Each
 * starts a strip of its own; what it leaves of the width serves other pieces.
 *
 * @param id    tells it from all others of the request
 * @param width what it takes of the usable width, above zero
 * @param height along the cloth, above zero
 * @param count 1 or more
 */
public record FixedStrip(String id, Length width, Length height, int count) {

    /**
     * @throws IllegalArgumentException if a side is not above zero, or there is no strip
     */
    public FixedStrip {
        Objects.requireNonNull(id, "id");
        if (!width.isPositive() || !height.isPositive() || count < 1) {
            throw new IllegalArgumentException("The strip '" + id + "' of " + width + " × " + height + ", " + count + " times, is none.");
        }
    }
}
