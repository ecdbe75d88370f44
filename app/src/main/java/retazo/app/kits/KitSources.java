package retazo.app.kits;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import retazo.app.stock.goods.Good;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.RoleKey;

/**
 * What a kit takes in place of what its colourway names.
 *
 * @param precuts  in place of whole cloth, by the role whose pieces come from them
 * @param quarters quarters or eighths that a fabric is cut into in the shop, by its id
 * @param singles  in place of prints of a bundle that are left out
 */
public record KitSources(Map<RoleKey, Good> precuts, Map<Long, PrecutKind> quarters, List<KitSingle> singles) {

    public static final KitSources NONE = new KitSources(Map.of(), Map.of(), List.of());

    public KitSources {
        precuts = Map.copyOf(precuts);
        quarters = Map.copyOf(quarters);
        singles = List.copyOf(singles);
    }

    public KitSources with(KitSingle single) {
        List<KitSingle> more = new ArrayList<>(singles);
        more.add(single);
        return new KitSources(precuts, quarters, more);
    }

    public KitSources withoutSingle(long goodId) {
        return new KitSources(precuts, quarters, singles.stream().filter(single -> single.good().id() != goodId).toList());
    }

    public List<KitSingle> singlesOf(RoleKey role) {
        return singles.stream().filter(single -> single.role().equals(role)).toList();
    }

    public KitSources with(RoleKey role, Good good) {
        Map<RoleKey, Good> more = new HashMap<>(precuts);
        more.put(role, good);
        return new KitSources(more, quarters, singles);
    }

    public KitSources with(long fabricId, PrecutKind kind) {
        Map<Long, PrecutKind> more = new HashMap<>(quarters);
        more.put(fabricId, kind);
        return new KitSources(precuts, more, singles);
    }

    /** The whole cloth of one fabric again. */
    KitSources without(long fabricId, Set<RoleKey> roles) {
        Map<RoleKey, Good> fewer = new HashMap<>(precuts);
        fewer.keySet().removeAll(roles);
        Map<Long, PrecutKind> whole = new HashMap<>(quarters);
        whole.remove(fabricId);
        return new KitSources(fewer, whole, singles);
    }
}
