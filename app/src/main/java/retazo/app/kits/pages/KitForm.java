package retazo.app.kits.pages;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.NewKits;
import retazo.app.patterns.PatternVersion;
import retazo.app.shared.FieldReader;
import retazo.app.stock.goods.Good;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.Contents;
import retazo.core.measure.Problem;

/**
 * New kits as typed.
 *
 * @param fabrics the code of a fabric or precut by the key of its role
 * @param beside  the code of a fabric beside a precut, likewise
 */
record KitForm(
        @Nullable String colourway,
        @Nullable List<String> sizes,
        @Nullable Map<String, String> fabrics,
        @Nullable Map<String, String> beside,
        @Nullable String binding,
        @Nullable String backing) {

    /** @param sourced the precuts that are offered first, by the key of their role */
    static KitForm empty(PatternVersion pattern, Map<String, String> sourced) {
        return new KitForm("", pattern.design().sizes().stream().map(size -> size.key().value()).toList(), sourced, Map.of(), "on", "on");
    }

    public String fabric(String roleKey) {
        return fabrics == null ? "" : fabrics.getOrDefault(roleKey, "");
    }

    public String beside(String roleKey) {
        return beside == null ? "" : beside.getOrDefault(roleKey, "");
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

    /** The fabrics chosen so far, by role; beside a precut the one for what that does not give. */
    Map<RoleKey, Fabric> chosen(PatternVersion pattern, Map<String, Fabric> byCode) {
        Map<RoleKey, Fabric> chosen = new LinkedHashMap<>();
        for (Role role : pattern.design().roles()) {
            String key = role.key().value();
            Optional.ofNullable(byCode.get(fabric(key))).or(() -> Optional.ofNullable(byCode.get(beside(key))))
                    .ifPresent(fabric -> chosen.put(role.key(), fabric));
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
