package retazo.core.cloth;

import java.util.List;

/**
 * One choice of fabric in a pattern.
 *
 * @param letter the sign under which it appears everywhere: {@code A}
 * @param name   what the designer calls it: {@code night ground}
 * @param wishes what a fabric for it should be like
 */
public record Role(RoleKey key, String letter, String name, List<RoleWish> wishes) {

    public Role {
        wishes = List.copyOf(wishes);
    }

    /** A role without wishes. */
    public static Role of(RoleKey key, String letter, String name) {
        return new Role(key, letter, name, List.of());
    }
}
