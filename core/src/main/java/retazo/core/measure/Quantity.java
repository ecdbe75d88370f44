package retazo.core.measure;

import java.util.function.Function;

/** Anything a figure of a plan can be: a length, an exact length with its root, a count or a share. */
public sealed interface Quantity permits Length, ExactLength, Count, Percent {

    /** Answers by the kind of quantity; a new kind breaks every caller at compile time. */
    <R> R match(
            Function<Length, R> length,
            Function<ExactLength, R> exact,
            Function<Count, R> count,
            Function<Percent, R> percent);
}
