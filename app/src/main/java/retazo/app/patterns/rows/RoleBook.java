package retazo.app.patterns.rows;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import retazo.app.patterns.PatternVersion;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Typed;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.QuiltDesign;

/**
 * The roles that rows name as they are typed: by the key a row came with, by letter, or by name. A name that nobody has yet
 * makes a new role with the next free letter; a role that nothing names any more is gone.
 */
public final class RoleBook {

    private static final int LONGEST_NAME = 40;

    private final Map<RoleKey, Role> roles = new LinkedHashMap<>();
    private final Set<RoleKey> named = new LinkedHashSet<>();
    private final Set<RoleKey> typed = new LinkedHashSet<>();
    private final Set<String> takenKeys = new LinkedHashSet<>();

    public RoleBook(Optional<PatternVersion> before) {
        before.ifPresent(version -> version.design().roles().forEach(role -> {
            roles.put(role.key(), role);
            takenKeys.add(role.key().value());
        }));
    }

    /** Keeps the roles that the version before names elsewhere. */
    public void keep(List<RoleKey> elsewhere) {
        named.addAll(elsewhere);
    }

    /**
     * The role that a row names.
     *
     * @param key that the row came with; its role is renamed where the row says another name
     */
    public Optional<RoleKey> role(String field, @Nullable String key, @Nullable String text, FieldReader reader) {
        String name = reader.text(field, text, LONGEST_NAME);
        if (name.isEmpty()) {
            return Optional.empty();
        }
        Optional<RoleKey> found = roles.values().stream()
                .filter(role -> role.name().equalsIgnoreCase(name) || role.letter().equals(name) || named(role).equalsIgnoreCase(name))
                .map(Role::key)
                .findFirst()
                .or(() -> renamed(key, name));
        RoleKey role = found.or(() -> added(field, name, reader)).orElse(null);
        if (role != null) {
            named.add(role);
            typed.add(role);
        }
        return Optional.ofNullable(role);
    }

    private static String named(Role role) {
        return role.letter() + " " + role.name();
    }

    private Optional<RoleKey> renamed(@Nullable String key, String name) {
        String came = Typed.text(key);
        Optional<Role> role = roles.values().stream()
                .filter(known -> known.key().value().equals(came) && !typed.contains(known.key()))
                .findFirst();
        role.ifPresent(known -> roles.put(known.key(), new Role(known.key(), known.letter(), name, known.wishes())));
        return role.map(Role::key);
    }

    private Optional<RoleKey> added(String field, String name, FieldReader reader) {
        for (int i = 0; i < QuiltDesign.MOST_ROLES; i++) {
            String letter = Typed.letter(i);
            boolean free = roles.values().stream().noneMatch(role -> role.letter().equals(letter));
            if (free) {
                RoleKey key = new RoleKey(Typed.key("", "r", takenKeys));
                roles.put(key, Role.of(key, letter, name));
                return Optional.of(key);
            }
        }
        reader.add(Problem.at(field, "roles.count", QuiltDesign.MOST_ROLES + 1, QuiltDesign.MOST_ROLES));
        return Optional.empty();
    }

    /** The roles that are named anywhere, by letter. */
    public List<Role> roles() {
        List<Role> used = new ArrayList<>(roles.values().stream().filter(role -> named.contains(role.key())).toList());
        used.sort(Comparator.comparing(Role::letter));
        return used;
    }
}
