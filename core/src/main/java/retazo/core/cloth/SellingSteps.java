package retazo.core.cloth;

import java.util.List;
import java.util.Optional;

import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.measure.Length;

/**
 * In which steps lengths are sold: the nearest above of either, where there are two, such as eighths and thirds of a yard.
 *
 * @param step  above zero
 * @param other above zero too
 */
public record SellingSteps(Figure<Length> step, Optional<Figure<Length>> other) {

    /** The least length not below this one that is sold. */
    public Length roundedUp(Length length) {
        Length up = length.roundedUpTo(step.value());
        return other.map(second -> length.roundedUpTo(second.value())).filter(second -> second.isShorterThan(up)).orElse(up);
    }

    /** The same with its arithmetic. */
    public Figure<Length> roundedUp(String key, Label label, Figure<Length> length) {
        return toSell(new Margin.None(), key, label, length);
    }

    /** The length to sell: with a margin on it, rounded up once. */
    public Figure<Length> toSell(Margin margin, String key, Label label, Figure<Length> exact) {
        return other.map(second -> Arithmetic.least(key, label, List.of(
                margin.toSell(key + ".step", Label.of("cloth.step"), exact, step),
                margin.toSell(key + ".otherStep", Label.of("cloth.step"), exact, second))))
                .orElseGet(() -> margin.toSell(key, label, exact, step));
    }
}
