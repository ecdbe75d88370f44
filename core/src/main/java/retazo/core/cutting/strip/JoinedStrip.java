package retazo.core.cutting.strip;

import java.util.Objects;
import retazo.core.measure.Length;

/**
 * A long strip that is sewn together of several: a border, a binding.
 *
 * @param id     tells it from all others of the request
 * @param height the width to which its strips are cut, along the cloth; above zero
 * @param length of the whole strip, above zero
 * @param join   what each join costs: two seams if straight, the strip's width if diagonal; zero or more
 */
public record JoinedStrip(String id, Length height, Length length, Length join) {

    /**
     * @throws IllegalArgumentException if height or length is not above zero, or the join is below
     */
    public JoinedStrip {
        Objects.requireNonNull(id, "id");
        if (!height.isPositive() || !length.isPositive() || join.isNegative()) {
            throw new IllegalArgumentException("The strip '" + id + "' of " + length + " × " + height + " is none.");
        }
    }
}
