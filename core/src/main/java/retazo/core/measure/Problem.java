package retazo.core.measure;

import java.util.List;

/**
 * A person's mistake, or a request that cannot be met, as a result and not an exception.
 *
 * @param place     where it is: a path such as {@code sizes.2.columns}, empty for the whole
 * @param code      which message tells it
 * @param arguments what the message names, in its order: typed text, lengths, counts
 */
public record Problem(String place, String code, List<Object> arguments) {

    public Problem {
        arguments = List.copyOf(arguments);
    }

    public static Problem of(String code, Object... arguments) {
        return new Problem("", code, List.of(arguments));
    }

    public static Problem at(String place, String code, Object... arguments) {
        return new Problem(place, code, List.of(arguments));
    }

    /** The same problem at another place. */
    public Problem movedTo(String newPlace) {
        return new Problem(newPlace, code, arguments);
    }
}
