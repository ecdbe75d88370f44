package retazo.core.cloth;

import java.util.ArrayList;
import java.util.List;

import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.measure.Length;

/**
 * In which steps lengths are sold: the nearest above of any, where there are several, such as eighths and thirds of a yard.
 *
 * @param steps one or more, each above zero
 */
public record SellingSteps(List<Figure<Length>> steps) {

    public SellingSteps {
        steps = List.copyOf(steps);
        if (steps.isEmpty()) {
            throw new IllegalArgumentException("Lengths are sold in one step at least");
        }
    }

    /** The least length not below this one that is sold. */
    public Length roundedUp(Length length) {
        return lengths().stream().map(length::roundedUpTo).reduce(SellingSteps::shorter).orElseThrow();
    }

    /** The steps without their arithmetic. */
    public List<Length> lengths() {
        return steps.stream().map(Figure::value).toList();
    }

    /** The same with its arithmetic. */
    public Figure<Length> roundedUp(String key, Label label, Figure<Length> length) {
        return toSell(new Margin.None(), key, label, length);
    }

    /** The length to sell: with a margin on it, rounded up once. */
    public Figure<Length> toSell(Margin margin, String key, Label label, Figure<Length> exact) {
        if (steps.size() == 1) {
            return margin.toSell(key, label, exact, steps.get(0));
        }
        List<Figure<Length>> ways = new ArrayList<>();
        for (Figure<Length> step : steps) {
            ways.add(margin.toSell(key + ".step" + (ways.size() + 1), Label.of("cloth.step"), exact, step));
        }
        return Arithmetic.least(key, label, ways);
    }

    private static Length shorter(Length one, Length other) {
        return other.isShorterThan(one) ? other : one;
    }
}
