package retazo.app.kits.pages;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.NewKits;
import retazo.app.patterns.PatternVersion;
import retazo.app.shared.FieldReader;
import retazo.app.stock.goods.Good;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.kit.Contents;
import retazo.core.measure.Problem;
import retazo.core.quilt.plan.QuiltPlanner;

/**
 * New kits as typed.
 *
 * @param fabrics a fabric or precut as it was picked or typed, by the key of its role
 * @param beside  a fabric beside a precut, likewise
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

    /** What its texts name, by the text. */
    record Named(Map<String, Fabric> fabrics, Map<String, Good> goods) {
    }

    /** All that was typed for roles. */
    List<String> texts() {
        return Stream.of(fabrics, beside).filter(Objects::nonNull).flatMap(typed -> typed.values().stream())
                .filter(Objects::nonNull).toList();
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
    Map<RoleKey, Fabric> chosen(PatternVersion pattern, Named named) {
        Map<RoleKey, Fabric> chosen = new LinkedHashMap<>();
        for (Role role : pattern.design().roles()) {
            String key = role.key().value();
            Optional.ofNullable(named.fabrics().get(fabric(key))).or(() -> Optional.ofNullable(named.fabrics().get(beside(key))))
                    .ifPresent(fabric -> chosen.put(role.key(), fabric));
        }
        return chosen;
    }

    /** The precuts chosen so far, by role. */
    Map<RoleKey, Good> chosenGoods(PatternVersion pattern, Named named) {
        Map<RoleKey, Good> chosen = new LinkedHashMap<>();
        for (Role role : pattern.design().roles()) {
            Optional.ofNullable(named.goods().get(fabric(role.key().value()))).ifPresent(good -> chosen.put(role.key(), good));
        }
        return chosen;
    }

    /** The roles that the chosen sizes need with these contents; of all sizes where none is chosen. */
    Set<RoleKey> used(PatternVersion pattern) {
        QuiltPlanner planner = new QuiltPlanner(ShopPractice.customary());
        Contents contents = new Contents(hasBinding(), hasBacking());
        return pattern.design().sizes().stream()
                .filter(size -> hasSize(size.key().value()) || sizes == null || sizes.isEmpty())
                .flatMap(size -> contents.roles(pattern.design(), planner.plan(pattern.design(), size)).stream())
                .collect(Collectors.toSet());
    }

    Optional<NewKits> read(FieldReader reader, PatternVersion pattern, Named named) {
        String name = reader.text("colourway", colourway, 60);
        List<String> keys = pattern.design().sizes().stream().map(size -> size.key().value()).filter(this::hasSize).toList();
        if (keys.isEmpty()) {
            reader.add(Problem.at("sizes", "kit.no-size"));
        }
        Map<RoleKey, Fabric> chosen = chosen(pattern, named);
        Map<RoleKey, Good> goods = chosenGoods(pattern, named);
        Set<RoleKey> used = used(pattern);
        for (Role role : pattern.design().roles()) {
            boolean isAsked = used.contains(role.key()) || !fabric(role.key().value()).isBlank();
            if (isAsked && !chosen.containsKey(role.key()) && !goods.containsKey(role.key())) {
                String typed = fabric(role.key().value());
                reader.add(typed.isBlank()
                        ? Problem.at("fabrics." + role.key(), "kit.no-fabric", role.letter())
                        : Problem.at("fabrics." + role.key(), "kit.unknown-fabric", typed));
            }
        }
        return reader.anyProblem()
                ? Optional.empty()
                : Optional.of(new NewKits(pattern, keys, name, chosen, goods, new Contents(hasBinding(), hasBacking())));
    }
}
