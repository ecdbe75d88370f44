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

    /** What print its cloth is planned for before a fabric is chosen: one that reads one way up where that is wished. */
    public PrintKind plannedPrint() {
        return wishes.stream().anyMatch(wish -> wish.kind() == RoleWish.Kind.ONE_WAY) ? PrintKind.ONE_WAY : PrintKind.ALL_OVER;
    }

    /** A role without wishes. */
    public static Role of(RoleKey key, String letter, String name) {
        return new Role(key, letter, name, List.of());
    }
}
