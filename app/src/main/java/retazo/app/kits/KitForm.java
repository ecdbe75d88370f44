package retazo.app.kits;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import retazo.app.fabrics.Fabric;
import retazo.app.patterns.PatternVersion;
import retazo.app.shared.FieldReader;
import retazo.app.stock.Good;
import retazo.core.block.Role;
import retazo.core.block.RoleKey;
import retazo.core.kit.Contents;
import retazo.core.measure.Problem;

/**
 * New kits as typed.
 *
 * @param fabrics the code of a fabric or precut by the key of its role
 */
record KitForm(
        @Nullable String colourway,
        @Nullable List<String> sizes,
        @Nullable Map<String, String> fabrics,
        @Nullable String binding,
        @Nullable String backing) {

    static KitForm empty(PatternVersion pattern) {
        return new KitForm("", pattern.design().sizes().stream().map(size -> size.key().value()).toList(), Map.of(), "on", "on");
    }

    public String fabric(String roleKey) {
        return fabrics == null ? "" : fabrics.getOrDefault(roleKey, "");
    }

    public boolean hasSize(String key) {
        return sizes != null && sizes.contains(key);
    }

    public boolean hasBinding() {
        return binding != null;
    }

    public boolean hasBacking() {
        return backing != null;
    }

    /** The fabrics chosen so far, by role. */
    Map<RoleKey, Fabric> chosen(PatternVersion pattern, Map<String, Fabric> byCode) {
        Map<RoleKey, Fabric> chosen = new LinkedHashMap<>();
        for (Role role : pattern.design().roles()) {
            Optional.ofNullable(byCode.get(fabric(role.key().value()))).ifPresent(fabric -> chosen.put(role.key(), fabric));
        }
        return chosen;
    }

    /** The precuts chosen so far, by role. */
    Map<RoleKey, Good> chosenGoods(PatternVersion pattern, Map<String, Good> byCode) {
        Map<RoleKey, Good> chosen = new LinkedHashMap<>();
        for (Role role : pattern.design().roles()) {
            Optional.ofNullable(byCode.get(fabric(role.key().value()))).ifPresent(good -> chosen.put(role.key(), good));
        }
        return chosen;
    }

    Optional<NewKits> read(FieldReader reader, PatternVersion pattern, Map<String, Fabric> byCode, Map<String, Good> goodsByCode) {
        String name = reader.text("colourway", colourway, 60);
        List<String> keys = pattern.design().sizes().stream().map(size -> size.key().value()).filter(this::hasSize).toList();
        if (keys.isEmpty()) {
            reader.add(Problem.at("sizes", "kit.no-size"));
        }
        Map<RoleKey, Fabric> chosen = chosen(pattern, byCode);
        Map<RoleKey, Good> goods = chosenGoods(pattern, goodsByCode);
        for (Role role : pattern.design().roles()) {
            if (!chosen.containsKey(role.key()) && !goods.containsKey(role.key())) {
                reader.add(Problem.at("fabrics." + role.key(), "kit.no-fabric", role.letter()));
            }
        }
        return reader.anyProblem()
                ? Optional.empty()
                : Optional.of(new NewKits(pattern, keys, name, chosen, goods, new Contents(hasBinding(), hasBacking())));
    }
}
