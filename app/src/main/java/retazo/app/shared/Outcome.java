package retazo.app.shared;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import retazo.core.measure.Problem;

/** What came of something a person asked for: done, with its result, or refused with all reasons. */
public sealed interface Outcome<T> {

    <R> R match(Function<T, R> done, Function<List<Problem>, R> refused);

    static <T> Outcome<T> done(T result) {
        return new Done<>(result);
    }

    static <T> Outcome<T> refused(List<Problem> problems) {
        return new Refused<>(problems);
    }

    static <T> Outcome<T> refused(Problem problem) {
        return new Refused<>(List.of(problem));
    }

    /** Done with what there is, or refused where there is nothing. */
    static <T> Outcome<T> of(Optional<T> result, List<Problem> problems) {
        return result.map(Outcome::done).orElseGet(() -> refused(problems));
    }

    /** What comes of the next step with its result; a refusal stays one. */
    default <R> Outcome<R> then(Function<T, Outcome<R>> next) {
        return match(next, Outcome::refused);
    }

    /** It is done. */
    record Done<T>(T result) implements Outcome<T> {
        @Override
        public <R> R match(Function<T, R> done, Function<List<Problem>, R> refused) {
            return done.apply(result);
        }
    }

    /** Nothing was done. */
    record Refused<T>(List<Problem> problems) implements Outcome<T> {
        public Refused {
            problems = List.copyOf(problems);
        }

        @Override
        public <R> R match(Function<T, R> done, Function<List<Problem>, R> refused) {
            return refused.apply(problems);
        }
    }
}
