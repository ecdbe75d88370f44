package retazo.core.block;

/**
 * One choice of fabric in a pattern.
 *
 * @param letter the sign under which it appears everywhere: {@code A}
 * @param name   what the designer calls it: {@code night ground}
 */
public record Role(RoleKey key, String letter, String name) {
}
