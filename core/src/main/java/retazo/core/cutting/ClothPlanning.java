package retazo.core.cutting;

import java.util.List;
import java.util.function.Function;
import retazo.core.measure.Problem;

/** What came of planning a cloth: the plan, or why there is none. */
public sealed interface ClothPlanning {

    <R> R match(Function<Planned, R> planned, Function<Impossible, R> impossible);

    /** The cloth can be cut like this. */
    record Planned(ClothPlan plan) implements ClothPlanning {
        @Override
        public <R> R match(Function<Planned, R> planned, Function<Impossible, R> impossible) {
            return planned.apply(this);
        }
    }

    /** Some pieces do not fit this cloth. */
    record Impossible(List<Problem> problems) implements ClothPlanning {
        public Impossible {
            problems = List.copyOf(problems);
        }

        @Override
        public <R> R match(Function<Planned, R> planned, Function<Impossible, R> impossible) {
            return impossible.apply(this);
        }
    }
}
