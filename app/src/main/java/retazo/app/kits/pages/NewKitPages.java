package retazo.app.kits.pages;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.Kit;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.RoleSources;
import retazo.app.pictures.Ink;
import retazo.app.pictures.QuiltPicture;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.quilt.size.QuiltSize;

/** What the page for new kits shows: the quilt in what was chosen so far. */
@Component
class NewKitPages {

    private final FabricService fabrics;
    private final GoodService goods;
    private final RoleSources sources;

    NewKitPages(FabricService fabrics, GoodService goods, RoleSources sources) {
        this.fabrics = fabrics;
        this.goods = goods;
        this.sources = sources;
    }

    /**
     * The page.
     *
     * @param roles  that the chosen sizes and contents need a fabric for, and those for which one was typed
     * @param inks   by the key of the role
     * @param prints the fabrics that are drawn
     */
    record Page(
            PatternVersion pattern, KitForm form, List<Role> roles, Map<String, Ink> inks, List<QuiltSize> sizes, List<Fabric> prints,
            QuiltPicture picture) {
    }

    /** A form on which nothing was typed; where a role is planned from precuts, the first of that kind in stock is offered. */
    KitForm empty(PatternVersion pattern) {
        List<Good> precuts = goods.precuts();
        Map<String, String> sourced = new LinkedHashMap<>();
        sources.of(pattern.patternId()).forEach((role, source) -> precuts.stream()
                .filter(good -> !source.cutInTheShop() && good.precut().equals(Optional.of(source.kind())))
                .findFirst()
                .ifPresent(good -> sourced.put(role.value(), good.picked())));
        return KitForm.empty(pattern, sourced);
    }

    Page page(PatternVersion pattern, KitForm form) {
        KitForm.Named named = named(form);
        Map<RoleKey, Fabric> chosen = form.chosen(pattern, named);
        Map<RoleKey, Good> chosenGoods = form.chosenGoods(pattern, named);
        Function<RoleKey, Ink> inks = role -> chosenGoods.containsKey(role)
                ? Kit.ink(chosenGoods.get(role))
                : chosen.containsKey(role) ? Kit.ink(chosen.get(role)) : Kit.NOT_CHOSEN;
        Set<RoleKey> used = form.used(pattern);
        List<Role> roles = pattern.design().roles().stream()
                .filter(role -> used.contains(role.key()) || !form.fabric(role.key().value()).isBlank()).toList();
        List<QuiltSize> sizes = pattern.design().sizes();
        return new Page(
                pattern, form, roles,
                pattern.design().roles().stream().collect(Collectors.toMap(role -> role.key().value(), role -> inks.apply(role.key()))),
                sizes, chosen.values().stream().distinct().toList(),
                QuiltPicture.of("quilt", pattern.design(), sizes.get(sizes.size() / 2), inks));
    }

    /** The fabrics and precuts that the form names. */
    KitForm.Named named(KitForm form) {
        return new KitForm.Named(fabrics.named(form.texts()), goods.precutsNamed(form.texts()));
    }
}
