package retazo.app.kits.cloth;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.cloth.ClothQuestion;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitWorks;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.Role;
import retazo.core.cloth.ShopPractice;
import retazo.core.kit.Need;
import retazo.core.kit.RoleSource;
import retazo.core.measure.Length;
import retazo.core.precut.QuartersFromBolt;
import retazo.core.quilt.plan.QuiltPlan;

/** What the pieces of a kit's cloth could come from in its place: quarters cut in the shop, or precuts in stock for one of its roles. */
@Service
class KitOtherSources {

    private final KitWorks works;
    private final GoodService goods;

    KitOtherSources(KitWorks works, GoodService goods) {
        this.works = works;
        this.goods = goods;
    }

    /**
     * The cloth as it is tried out.
     *
     * @param all whether all sources are asked for, or only what the kit takes
     */
    record Tried(ShopPractice practice, Length usableWidth, boolean all) {
    }

    /** Those that give all, or for precuts a part, each with what it takes; none where only printed lengths are known. */
    @Transactional(readOnly = true)
    List<ClothQuestion.Other> of(Kit kit, Fabric fabric, Tried tried) {
        if (!kit.knowsItsPieces()) {
            return List.of();
        }
        Kit whole = kit.layingWhole(fabric);
        QuiltPlan plan = works.work(whole).plan();
        List<Role> roles = kit.pattern().design().roles().stream().filter(role -> fabric.equals(kit.fabrics().get(role.key()))).toList();
        if (!roles.stream().allMatch(role -> RoleSource.areWorthComparing(plan, role.key()))) {
            return List.of();
        }
        Stream<ClothQuestion.Other> quarters = QuartersFromBolt.kinds().stream()
                .filter(kind -> tried.all() || kit.quarters(fabric).equals(Optional.of(kind)))
                .flatMap(kind -> quarters(kit, whole, fabric, kind, tried).stream());
        Stream<ClothQuestion.Other> precuts = roles.stream()
                .filter(role -> !whole.goods().containsKey(role.key()))
                .flatMap(role -> precuts(kit, whole, role, tried).stream());
        return Stream.concat(quarters, precuts).toList();
    }

    private Optional<ClothQuestion.Other> quarters(Kit kit, Kit whole, Fabric fabric, PrecutKind kind, Tried tried) {
        Kit cut = whole.with(whole.sources().with(fabric.id(), kind));
        return works.clothNeed(cut, fabric, tried.practice(), kit.instructions(), tried.usableWidth())
                .map(need -> new ClothQuestion.Other(
                        kind.code(), kind, Optional.empty(), 1, List.of(need), List.of(), kit.quarters(fabric).equals(Optional.of(kind))));
    }

    /** Once for all precuts of one kind, pack and measure. */
    private List<ClothQuestion.Other> precuts(Kit kit, Kit whole, Role role, Tried tried) {
        Map<List<Object>, List<Good>> alike = new LinkedHashMap<>();
        goods.precuts().stream()
                .filter(good -> !whole.goods().containsValue(good))
                .forEach(good -> alike
                        .computeIfAbsent(List.of(good.precut().get(), good.perUnit(), good.measured()), key -> new ArrayList<>())
                        .add(good));
        return alike.values().stream().filter(group -> tried.all() || group.contains(kit.sources().precuts().get(role.key())))
                .flatMap(group -> precuts(kit, whole, role, group, tried).stream()).toList();
    }

    private Optional<ClothQuestion.Other> precuts(Kit kit, Kit whole, Role role, List<Good> alike, Tried tried) {
        Good good = alike.get(0);
        Kit taking = whole.with(whole.sources().with(role.key(), good));
        Optional<Need> units = works.precutNeed(taking, good, tried.practice());
        return units.map(need -> {
            Fabric fabric = requireNonNull(kit.fabrics().get(role.key()));
            List<Need> needs = new ArrayList<>(List.of(need));
            works.clothNeed(taking, fabric, tried.practice(), kit.instructions(), tried.usableWidth()).ifPresent(needs::add);
            boolean chosen = alike.contains(kit.sources().precuts().get(role.key()));
            return new ClothQuestion.Other(
                    good.precut().orElseThrow().code(), good.precut().orElseThrow(), Optional.of(role), good.perUnit(), needs,
                    alike.stream().map(one -> new ClothQuestion.Offer(one.code(), one.name())).toList(), chosen);
        });
    }
}
