package retazo.core.measure;

import java.util.Optional;
import java.util.function.Function;

/** What came of reading a typed length: the length, or what was wrong with the text. */
public sealed interface LengthReading {

    <R> R match(Function<Understood, R> understood, Function<NotUnderstood, R> notUnderstood);

    /**
     * The text is a length.
     *
     * @param perhaps the fraction of a yard that a cut-off decimal may have meant: ⅓ yd for a typed {@code 0.33 yd}
     */
    record Understood(Length length, Optional<Length> perhaps) implements LengthReading {
        @Override
        public <R> R match(Function<Understood, R> understood, Function<NotUnderstood, R> notUnderstood) {
            return understood.apply(this);
        }
    }

    /** The text is no length, and why. */
    record NotUnderstood(Problem problem) implements LengthReading {
        @Override
        public <R> R match(Function<Understood, R> understood, Function<NotUnderstood, R> notUnderstood) {
            return notUnderstood.apply(this);
        }
    }
}
