package retazo.app.patterns.rows;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import retazo.app.patterns.PatternVersion;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Typed;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.RoleWish;
import retazo.core.quilt.design.QuiltDesign;

/** A role as typed in its row; its letter is its place. */
public record RoleRow(@Nullable String key, @Nullable String name) {

    public static final RoleRow BLANK = new RoleRow("", "");

    /** How many empty rows a form has for more roles. */
    public static final int SPARE = 3;

    private static final int LONGEST_NAME = 40;

    public boolean isBlank() {
        return Typed.text(name).isEmpty();
    }

    /** The rows of the roles, with empty ones where a letter is not used. */
    public static List<RoleRow> of(QuiltDesign design) {
        List<RoleRow> rows = new ArrayList<>();
        for (Role role : design.roles()) {
            while (rows.size() < role.letter().charAt(0) - 'A') {
                rows.add(BLANK);
            }
            rows.add(new RoleRow(role.key().value(), role.name()));
        }
        return rows;
    }

    /** The roles of all rows that are not empty; wishes come from the version before. */
    public static List<Role> read(List<RoleRow> rows, Optional<PatternVersion> before, FieldReader reader) {
        Set<String> taken = new HashSet<>();
        rows.forEach(row -> taken.add(Typed.text(row.key())));
        List<Role> roles = new ArrayList<>();
        for (int i = 0; i < Math.min(rows.size(), QuiltDesign.MOST_ROLES); i++) {
            if (!rows.get(i).isBlank()) {
                String name = reader.text("roles." + i + ".name", rows.get(i).name(), LONGEST_NAME);
                RoleKey key = new RoleKey(Typed.key(rows.get(i).key(), "r", taken));
                roles.add(new Role(key, Typed.letter(i), name, wishes(key, before)));
            }
        }
        return roles;
    }

    static List<RoleWish> wishes(RoleKey key, Optional<PatternVersion> before) {
        return before.stream()
                .flatMap(version -> version.design().roles().stream())
                .filter(role -> role.key().equals(key))
                .flatMap(role -> role.wishes().stream())
                .toList();
    }
}
