package retazo.app.buying;

import retazo.core.measure.Length;

/**
 * Cloth that is wanted and that no bolt is promised to.
 *
 * @param of     the number of the run, or of the kit that was asked for
 * @param bags   how many; 0 where single lengths of bags wait
 * @param longest the longest length in one piece
 */
public record Want(Kind kind, long of, int bags, Length length, Length longest) {

    boolean isOfSame(Want other) {
        return kind == other.kind && of == other.of;
    }

    /** Together with what the same one wants. */
    Want and(Want other) {
        return new Want(
                kind, of, bags + other.bags, length.plus(other.length), longest.isLongerThan(other.longest) ? longest : other.longest);
    }

    /** Who wants it. */
    public enum Kind {
        /** Bags of a confirmed run whose lengths have no bolt. */
        WAITS,
        /** Bags that a confirmed run was asked for and that are not planned. */
        OPEN,
        /** A draft. */
        DRAFT,
        /** Customers at the counter. */
        ASKED
    }
}
