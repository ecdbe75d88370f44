package retazo.app.kits.cloth;

import java.util.List;
import org.jspecify.annotations.Nullable;
import retazo.core.cloth.RoleKey;

/**
 * Cloth that is there, as typed.
 *
 * @param from key of the size whose borders and sashes are kept
 * @param rows one for each role
 */
record ClothForm(@Nullable String from, @Nullable List<Row> rows) {

    /**
     * The cloth of a role.
     *
     * @param role  its key
     * @param cloth a length, or the number of a bolt; empty for as much as it takes
     */
    record Row(@Nullable String role, @Nullable String cloth) {
    }

    String cloth(RoleKey role) {
        return rows == null
                ? ""
                : rows.stream()
                        .filter(row -> row != null && role.value().equals(row.role()) && row.cloth() != null)
                        .map(row -> row.cloth().strip())
                        .findFirst().orElse("");
    }
}
