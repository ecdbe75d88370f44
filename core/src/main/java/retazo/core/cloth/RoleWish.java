package retazo.core.cloth;

import java.util.Optional;

/**
 * What a fabric for a role should be like.
 *
 * @param other the role that it should contrast with; empty for all other wishes
 */
public record RoleWish(Kind kind, Optional<RoleKey> other) {

    /** What can be wished. */
    public enum Kind {
        /** The fabric that the kit is made to show. */
        FEATURE,
        DARKEST,
        CONTRAST,
        LARGE_PRINT,
        NO_DIRECTION,
        /** A print that reads one way up, for which the pattern is planned: it stays upright. */
        ONE_WAY,
        /** For mirrored shapes, which are flipped. */
        SAME_BOTH_SIDES
    }

    /**
     * @throws IllegalArgumentException unless contrast, and only contrast, names another role
     */
    public RoleWish {
        if ((kind == Kind.CONTRAST) != other.isPresent()) {
            throw new IllegalArgumentException("Contrast is wished with a role; " + kind + " names " + other + ".");
        }
    }

    public static RoleWish of(Kind kind) {
        return new RoleWish(kind, Optional.empty());
    }
}
