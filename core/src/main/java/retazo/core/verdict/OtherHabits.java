package retazo.core.verdict;

import java.util.List;
import retazo.core.explain.Label;

/**
 * A way of working under which a printed figure is right.
 *
 * @param habits what is done otherwise than here, one or more, the main one first
 */
public record OtherHabits(List<Label> habits) {
    public OtherHabits {
        habits = List.copyOf(habits);
    }
}
