package retazo.core.cutting;

import java.util.List;
import retazo.core.explain.Figure;
import retazo.core.measure.Length;

/**
 * How one fabric is cut, and how much of it that takes.
 *
 * @param lines in cutting order: what has to be long first, then the taller strips
 * @param exact the length without margin, squaring included, nothing rounded
 */
public record ClothPlan(Figure<Length> usableWidth, List<ClothLine> lines, Figure<Length> squaring, Figure<Length> exact) {

    public ClothPlan {
        lines = List.copyOf(lines);
    }
}
