package retazo.app.kits;

import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import retazo.app.stock.Good;
import retazo.core.block.RoleKey;
import retazo.core.cloth.PrecutKind;

/**
 * What a kit takes in place of the whole cloth that its colourway names.
 *
 * @param precuts  by the role whose pieces come from them
 * @param quarters quarters or eighths that a fabric is cut into in the shop, by its id
 */
public record KitSources(Map<RoleKey, Good> precuts, Map<Long, PrecutKind> quarters) {

    static final KitSources NONE = new KitSources(Map.of(), Map.of());

    public KitSources {
        precuts = Map.copyOf(precuts);
        quarters = Map.copyOf(quarters);
    }

    KitSources with(RoleKey role, Good good) {
        Map<RoleKey, Good> more = new HashMap<>(precuts);
        more.put(role, good);
        return new KitSources(more, quarters);
    }

    KitSources with(long fabricId, PrecutKind kind) {
        Map<Long, PrecutKind> more = new HashMap<>(quarters);
        more.put(fabricId, kind);
        return new KitSources(precuts, more);
    }

    /** The whole cloth of one fabric again. */
    KitSources without(long fabricId, Set<RoleKey> roles) {
        Map<RoleKey, Good> fewer = new HashMap<>(precuts);
        fewer.keySet().removeAll(roles);
        Map<Long, PrecutKind> whole = new HashMap<>(quarters);
        whole.remove(fabricId);
        return new KitSources(fewer, whole);
    }
}
