package retazo.app.kits;

import java.util.List;
import java.util.Map;
import retazo.app.fabrics.Fabric;
import retazo.app.patterns.PatternVersion;
import retazo.app.stock.goods.Good;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.Contents;

/**
 * Kits to be added, checked: one for each size.
 *
 * @param fabrics for the roles that have one
 * @param goods   precuts for all others
 */
public record NewKits(
        PatternVersion pattern, List<String> sizeKeys, String colourway, Map<RoleKey, Fabric> fabrics, Map<RoleKey, Good> goods,
        Contents contents) {
}
