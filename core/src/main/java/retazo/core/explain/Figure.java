package retazo.core.explain;

import java.util.List;
import retazo.core.measure.Quantity;

/**
 * A value of a plan together with the arithmetic behind it.
 *
 * @param key stable within its plan, so that a figure can be opened by address: {@code throw.A.sell}
 */
public record Figure<V extends Quantity>(String key, Label label, V value, Working working) {

    public static <V extends Quantity> Figure<V> given(String key, Label label, V value, Origin origin) {
        return new Figure<>(key, label, value, new Working.Given(origin));
    }

    static <V extends Quantity> Figure<V> worked(
            String key, Label label, V value, Operation operation, List<? extends Figure<?>> operands) {
        return new Figure<>(key, label, value, new Working.Worked(operation, List.copyOf(operands)));
    }

    /** The same value under another key and label, with the same working: a part of a plan named for its place. */
    public Figure<V> named(String newKey, Label newLabel) {
        return new Figure<>(newKey, newLabel, value, working);
    }

    /** The figures that this one was worked from; none if it was given. */
    public List<Figure<?>> operands() {
        return working.match(given -> List.of(), Working.Worked::operands);
    }
}
