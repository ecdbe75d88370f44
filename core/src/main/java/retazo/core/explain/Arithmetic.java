package retazo.core.explain;

import java.util.List;
import java.util.function.Supplier;
import retazo.core.measure.Count;
import retazo.core.measure.ExactLength;
import retazo.core.measure.Length;
import retazo.core.measure.Percent;
import retazo.core.measure.Quantity;

/** The sums of the craft on figures: each computes its value and keeps how. */
public final class Arithmetic {

    private Arithmetic() {
    }

    /** @param parts one or more */
    public static Figure<Length> sum(String key, Label label, List<Figure<Length>> parts) {
        Length total = parts.stream().map(Figure::value).reduce(Length.ZERO, Length::plus);
        return Figure.worked(key, label, total, Operation.SUM, parts);
    }

    /** @param parts one or more */
    public static Figure<Count> sumOfCounts(String key, Label label, List<Figure<Count>> parts) {
        Count total = parts.stream().map(Figure::value).reduce(new Count(0), Count::plus);
        return Figure.worked(key, label, total, Operation.SUM, parts);
    }

    /** @param part no more than the whole */
    public static Figure<Count> without(String key, Label label, Figure<Count> whole, Figure<Count> part) {
        return Figure.worked(
                key, label, new Count(whole.value().value() - part.value().value()), Operation.DIFFERENCE, List.of(whole, part));
    }

    public static Figure<Length> product(String key, Label label, Figure<Count> times, Figure<Length> length) {
        return Figure.worked(key, label, length.value().times(times.value()), Operation.PRODUCT, List.of(times, length));
    }

    public static Figure<Count> productOfCounts(String key, Label label, Figure<Count> first, Figure<Count> second) {
        return Figure.worked(key, label, first.value().times(second.value()), Operation.PRODUCT, List.of(first, second));
    }

    /** ⌊whole ÷ part⌋. */
    public static Figure<Count> wholeTimes(String key, Label label, Figure<Length> whole, Figure<Length> part) {
        return Figure.worked(key, label, whole.value().wholeTimes(part.value()), Operation.WHOLE_TIMES, List.of(whole, part));
    }

    /** ⌈needed ÷ size⌉. */
    public static Figure<Count> groups(String key, Label label, Figure<Count> needed, Figure<Count> size) {
        return Figure.worked(
                key, label, needed.value().inGroupsOf(size.value()), Operation.ROUNDED_UP_QUOTIENT, List.of(needed, size));
    }

    public static Figure<Length> roundedUp(String key, Label label, Figure<Length> length, Figure<Length> step) {
        return Figure.worked(key, label, length.value().roundedUpTo(step.value()), Operation.ROUNDED_UP, List.of(length, step));
    }

    /** An exact length rounded up to a step, also when it is rational. */
    public static Figure<Length> exactRoundedUp(String key, Label label, Figure<ExactLength> exact, Figure<Length> step) {
        return Figure.worked(key, label, exact.value().roundedUpTo(step.value()), Operation.ROUNDED_UP, List.of(exact, step));
    }

    /** An exact size as it is cut: rounded up to the cutting step only if it has a root in it. */
    public static Figure<Length> toCut(String key, Label label, Figure<ExactLength> exact, Figure<Length> cutStep) {
        Length cut = exact.value().toCut(cutStep.value());
        return Figure.worked(key, label, cut, Operation.ROUNDED_UP, List.of(exact, cutStep));
    }

    public static Figure<ExactLength> withShare(String key, Label label, Figure<Length> length, Figure<Percent> share) {
        return Figure.worked(key, label, share.value().onTopOf(length.value()), Operation.SHARE_ON_TOP, List.of(length, share));
    }

    /** The least of several; the first of equal ones. */
    public static <V extends Quantity & Comparable<V>> Figure<V> least(String key, Label label, List<Figure<V>> choices) {
        V least = choices.stream().map(Figure::value).reduce((a, b) -> b.compareTo(a) < 0 ? b : a).orElseThrow();
        return Figure.worked(key, label, least, Operation.LEAST, choices);
    }

    /** The greatest of several; the first of equal ones. */
    public static <V extends Quantity & Comparable<V>> Figure<V> greatest(String key, Label label, List<Figure<V>> choices) {
        V greatest = choices.stream().map(Figure::value).reduce((a, b) -> b.compareTo(a) > 0 ? b : a).orElseThrow();
        return Figure.worked(key, label, greatest, Operation.GREATEST, choices);
    }

    /** A formula of the craft: the caller computes the value, the operands stand in the formula's order. */
    public static <V extends Quantity> Figure<V> formula(
            String key, Label label, Operation formula, List<Figure<?>> operands, Supplier<V> value) {
        return Figure.worked(key, label, value.get(), formula, operands);
    }
}
