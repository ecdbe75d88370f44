package retazo.app.kits.sources;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import retazo.app.stock.goods.Good;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.PrintRule;

/**
 * What a kit takes in place of what its colourway names, and beside it.
 *
 * @param precuts  in place of whole cloth, by the role whose pieces come from them
 * @param quarters quarters or eighths that a fabric is cut into in the shop, by its id
 * @param singles  in place of prints of a bundle that are left out
 * @param topUps   cut off bolts where packs are a few short, one for each fabric
 * @param notions  beside the cloth, each once
 * @param printRules which prints of a precut go together, by its id; mixed freely where it is absent
 */
public record KitSources(
        Map<RoleKey, Good> precuts, Map<Long, PrecutKind> quarters, List<KitSingle> singles, List<KitTopUp> topUps, List<KitNotion> notions,
        Map<Long, PrintRule> printRules) {

    public static final KitSources NONE = new KitSources(Map.of(), Map.of(), List.of(), List.of(), List.of(), Map.of());

    public KitSources {
        precuts = Map.copyOf(precuts);
        quarters = Map.copyOf(quarters);
        singles = List.copyOf(singles);
        topUps = List.copyOf(topUps);
        notions = List.copyOf(notions);
        printRules = Map.copyOf(printRules);
    }

    public KitSources with(KitSingle single) {
        List<KitSingle> more = new ArrayList<>(singles);
        more.add(single);
        return new KitSources(precuts, quarters, more, topUps, notions, printRules);
    }

    public KitSources withoutSingle(long goodId) {
        return new KitSources(
                precuts, quarters, singles.stream().filter(single -> single.good().id() != goodId).toList(), topUps, notions, printRules);
    }

    /** With sheets off a bolt, in place of those it had of that fabric. */
    public KitSources with(KitTopUp topUp) {
        List<KitTopUp> more = new ArrayList<>(withoutTopUp(topUp.fabric().id()).topUps());
        more.add(topUp);
        return new KitSources(precuts, quarters, singles, more, notions, printRules);
    }

    public KitSources withoutTopUp(long fabricId) {
        return new KitSources(
                precuts, quarters, singles, topUps.stream().filter(topUp -> topUp.fabric().id() != fabricId).toList(), notions, printRules);
    }

    public List<KitSingle> singlesOf(RoleKey role) {
        return singles.stream().filter(single -> single.role().equals(role)).toList();
    }

    public KitSources with(RoleKey role, Good good) {
        Map<RoleKey, Good> more = new HashMap<>(precuts);
        more.put(role, good);
        return new KitSources(more, quarters, singles, topUps, notions, printRules);
    }

    public KitSources with(long fabricId, PrecutKind kind) {
        Map<Long, PrecutKind> more = new HashMap<>(quarters);
        more.put(fabricId, kind);
        return new KitSources(precuts, more, singles, topUps, notions, printRules);
    }

    /** With another fabric in the place of one: what that was cut into, it is cut into. */
    public KitSources with(long ownId, long otherId) {
        Map<Long, PrecutKind> cut = new HashMap<>(quarters);
        PrecutKind kind = cut.remove(ownId);
        if (kind != null) {
            cut.put(otherId, kind);
        }
        return new KitSources(precuts, cut, singles, topUps, notions, printRules);
    }

    /** The whole cloth of one fabric again, without what stood beside the packs of its roles. */
    public KitSources without(long fabricId, Set<RoleKey> roles) {
        Map<RoleKey, Good> fewer = new HashMap<>(precuts);
        fewer.keySet().removeAll(roles);
        Map<Long, PrecutKind> whole = new HashMap<>(quarters);
        whole.remove(fabricId);
        return new KitSources(
                fewer, whole, singles.stream().filter(single -> !roles.contains(single.role())).toList(),
                topUps.stream().filter(topUp -> !roles.contains(topUp.role())).toList(), notions, printRules);
    }

    /** With so many of a notion in every bag, whatever it had of it before; none of it for 0. */
    public KitSources with(Good notion, int count) {
        List<KitNotion> other = new ArrayList<>(notions.stream().filter(one -> one.good().id() != notion.id()).toList());
        if (count > 0) {
            other.add(new KitNotion(notion, count));
        }
        return new KitSources(precuts, quarters, singles, topUps, other, printRules);
    }

    /** With a rule about the prints of a precut, in place of the one it had. */
    public KitSources withPrints(Good good, PrintRule rule) {
        Map<Long, PrintRule> more = new HashMap<>(printRules);
        more.put(good.id(), rule);
        return new KitSources(precuts, quarters, singles, topUps, notions, more);
    }

    /** With the prints of a precut mixed freely. */
    public KitSources mixing(Good good) {
        Map<Long, PrintRule> fewer = new HashMap<>(printRules);
        fewer.remove(good.id());
        return new KitSources(precuts, quarters, singles, topUps, notions, fewer);
    }
}
