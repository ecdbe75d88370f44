package retazo.core.block;

import java.util.function.Function;
import retazo.core.measure.Problem;

/** What came of reading a unit. */
public sealed interface UnitReading {

    <R> R match(Function<Unit, R> understood, Function<Problem, R> notUnderstood);

    /** A unit. */
    record Understood(Unit unit) implements UnitReading {
        @Override
        public <R> R match(Function<Unit, R> understood, Function<Problem, R> notUnderstood) {
            return understood.apply(unit);
        }
    }

    /** Why it is none. */
    record NotUnderstood(Problem problem) implements UnitReading {
        @Override
        public <R> R match(Function<Unit, R> understood, Function<Problem, R> notUnderstood) {
            return notUnderstood.apply(problem);
        }
    }
}
