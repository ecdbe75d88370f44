package retazo.core.measure;

import java.util.Optional;
import java.util.function.Function;

/**
 * What came of reading a typed text: what it says, or why it was not understood.
 *
 * @param <T> what such a text says
 */
public sealed interface Reading<T> {

    /** A text that says this. */
    static <T> Reading<T> of(T value) {
        return new Understood<>(value);
    }

    /** A text that says nothing, and why. */
    static <T> Reading<T> fault(String code, Object... arguments) {
        return new NotUnderstood<>(Problem.of(code, arguments));
    }

    <R> R match(Function<? super T, ? extends R> understood, Function<? super Problem, ? extends R> notUnderstood);

    /** What the text says; empty where it was not understood. */
    default Optional<T> understood() {
        return match(Optional::of, problem -> Optional.empty());
    }

    /** The same text read further. */
    default <S> Reading<S> map(Function<? super T, ? extends S> further) {
        return match(value -> of(further.apply(value)), NotUnderstood::new);
    }

    /**
     * A text that was understood.
     *
     * @param value what it says
     */
    record Understood<T>(T value) implements Reading<T> {
        @Override
        public <R> R match(Function<? super T, ? extends R> understood, Function<? super Problem, ? extends R> notUnderstood) {
            return understood.apply(value);
        }
    }

    /**
     * A text that was not understood.
     *
     * @param problem why, for the person who typed it
     */
    record NotUnderstood<T>(Problem problem) implements Reading<T> {
        @Override
        public <R> R match(Function<? super T, ? extends R> understood, Function<? super Problem, ? extends R> notUnderstood) {
            return notUnderstood.apply(problem);
        }
    }
}
