package retazo.app.kits.options;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.kits.Kit;
import retazo.app.kits.KitSettings;
import retazo.app.kits.KitWorks;
import retazo.app.kits.PriceTags;
import retazo.app.kits.possible.PossibleKits;
import retazo.core.cloth.Margin;
import retazo.core.kit.BillOfMaterials;
import retazo.core.kit.Contents;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Money;
import retazo.core.quilt.size.QuiltSize;

/**
 * Works out what can be added to a kit. An option is the same kit made otherwise: what it takes more is its bill less the kit's own, so
 * that each cloth is rounded once and nothing counts twice.
 */
@Component
public class KitOptions {

    private final PossibleKits possible;
    private final KitWorks works;

    KitOptions(PossibleKits possible, KitWorks works) {
        this.possible = possible;
        this.works = works;
    }

    /**
     * What is asked for.
     *
     * @param wider how much wider the outermost border finishes
     * @param spare of every cloth
     */
    public record Wish(Length wider, Length spare) {

        /** What is asked where nobody says otherwise: an inch, and a quarter of the unit in which the shop sells. */
        public static Wish usual(LengthUnit unit) {
            return new Wish(Length.ofInches(1), Length.of(1, 4, unit));
        }
    }

    /** The options that a kit has, in the order of their kinds; none for one that cannot be made itself. */
    @Transactional(readOnly = true)
    public List<KitOption> of(Kit kit, Wish wish) {
        Optional<BillOfMaterials> own = possible.oneBag(kit).map(PossibleKits.OneBag::bill);
        if (own.isEmpty()) {
            return List.of();
        }
        PriceTags tags = works.priceTags();
        List<KitOption> found = new ArrayList<>();
        others(kit, wish).forEach((kind, other) -> possible.oneBag(other).ifPresent(
                one -> option(kind, other, one.bill(), own.get(), tags).ifPresent(found::add)));
        option(KitOption.Kind.SPARE, kit, own.get().withSpare(wish.spare()), own.get(), tags).ifPresent(found::add);
        return found;
    }

    private Optional<KitOption> option(
            KitOption.Kind kind, Kit with, BillOfMaterials bill, BillOfMaterials own, PriceTags tags) {
        List<KitOption.MoreCloth> cloth = cloth(with, bill, own);
        List<KitOption.MoreGoods> goods = goods(with, bill, own);
        return cloth.isEmpty() && goods.isEmpty()
                ? Optional.empty()
                : Optional.of(new KitOption(kind, with, cloth, goods, price(cloth, goods, tags), possible.of(with, bill)));
    }

    private Map<KitOption.Kind, Kit> others(Kit kit, Wish wish) {
        Map<KitOption.Kind, Kit> others = new EnumMap<>(KitOption.Kind.class);
        Contents has = kit.contents();
        if (!has.binding()) {
            others.put(KitOption.Kind.BINDING, kit.with(new Contents(true, has.backing())));
        }
        if (!has.backing()) {
            others.put(KitOption.Kind.BACKING, kit.with(new Contents(has.binding(), true)));
        }
        wider(kit.size(), wish.wider()).ifPresent(size -> others.put(KitOption.Kind.WIDER_BORDER, kit.with(size)));
        return others;
    }

    /** The size with its outermost border wider; empty for one without borders, or of which only lengths are printed. */
    static Optional<QuiltSize> wider(QuiltSize size, Length more) {
        return size.match(grid -> {
            List<Length> widths = new ArrayList<>(grid.borderWidths());
            for (int i = widths.size() - 1; i >= 0; i--) {
                if (widths.get(i).isPositive()) {
                    widths.set(i, widths.get(i).plus(more));
                    return Optional.of(grid.withBorders(widths));
                }
            }
            return Optional.empty();
        }, printed -> Optional.empty());
    }

    /**
     * The settings by which every bag of a kit has so much more of every cloth; empty where its margin is a share, to which no length is
     * added.
     */
    Optional<KitSettings> spare(Kit kit, Length more) {
        return works.practiceOf(kit).margin().match(
                none -> Optional.of(more), share -> Optional.<Length>empty(), extra -> Optional.of(extra.length().plus(more)))
                .map(length -> kit.settings().with(new Margin.Extra(length)));
    }

    private static List<KitOption.MoreCloth> cloth(Kit kit, BillOfMaterials bill, BillOfMaterials own) {
        Map<String, Length> had = own.lengths();
        List<KitOption.MoreCloth> more = new ArrayList<>();
        bill.lengths().forEach((code, length) -> {
            Length before = had.getOrDefault(code, Length.ZERO);
            if (length.isLongerThan(before)) {
                more.add(new KitOption.MoreCloth(kit.fabric(code), length.minus(before)));
            }
        });
        return more;
    }

    private static List<KitOption.MoreGoods> goods(Kit kit, BillOfMaterials bill, BillOfMaterials own) {
        List<KitOption.MoreGoods> more = new ArrayList<>();
        bill.picked().forEach((code, count) -> {
            long before = Optional.ofNullable(own.picked().get(code)).map(Count::value).orElse(0L);
            if (count.value() > before) {
                more.add(new KitOption.MoreGoods(requireNonNull(kit.goodsByCode().get(code)), count.value() - before));
            }
        });
        return more;
    }

    private static Optional<Money> price(List<KitOption.MoreCloth> cloth, List<KitOption.MoreGoods> goods, PriceTags tags) {
        Optional<Money> price = Optional.of(Money.zero(tags.usual().currency()));
        for (KitOption.MoreCloth one : cloth) {
            price = plus(price, tags.of(one.fabric(), one.length()));
        }
        for (KitOption.MoreGoods one : goods) {
            price = plus(price, tags.of(one.good()).map(each -> each.times(one.count())));
        }
        return price;
    }

    /** Their sum; empty where one is not known or of another currency. */
    private static Optional<Money> plus(Optional<Money> sum, Optional<Money> more) {
        return sum.flatMap(before -> more.filter(one -> one.currency().equals(before.currency())).map(before::plus));
    }
}
