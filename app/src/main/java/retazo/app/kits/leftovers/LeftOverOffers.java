package retazo.app.kits.leftovers;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitCloth;
import retazo.app.kits.KitLeftOvers;
import retazo.app.kits.KitWorks;
import retazo.app.shared.Words;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.ShopPractice;
import retazo.core.cutting.ClothPart;
import retazo.core.cutting.LaidCloth;
import retazo.core.cutting.RestUse;
import retazo.core.cutting.strip.LeftOver;
import retazo.core.kit.Need;
import retazo.core.measure.Length;

/** What the left-overs of a kit whose pieces the shop cuts could serve: other such kits, quarters, the shelf. */
@Service
public class LeftOverOffers {

    private static final int MOST_OFFERS = 6;

    private final KitBook kits;
    private final KitWorks works;
    private final GoodService goods;

    LeftOverOffers(KitBook kits, KitWorks works, GoodService goods) {
        this.kits = kits;
        this.works = works;
        this.goods = goods;
    }

    /**
     * How much shorter a cloth becomes.
     *
     * @param exact as cut
     * @param sold  as sold
     * @param parts what comes from the left-over, with how many of each
     */
    record Less(Length exact, Length sold, Map<ClothPart, Integer> parts) {

        private static final Less NOTHING = new Less(Length.ZERO, Length.ZERO, Map.of());

        boolean isSome() {
            return exact.isPositive();
        }
    }

    /** A kit that a left-over could serve. */
    record Serves(Kit kit, Less less) {
    }

    /**
     * A size of rest and what may become of it.
     *
     * @param kept     where somebody decided it
     * @param shopCuts how many quarters or eighths one bag's rests give; kinds that give none are left out
     */
    record Offer(LaidCloth.Rests rests, Optional<KitLeftOvers.Kept> kept, List<Serves> serves, Map<PrecutKind, Long> shopCuts) {
    }

    /** Left-overs of one size that a kit takes, or could take. */
    record AtHand(Good good, long free, boolean taken, Less less) {
    }

    /** A rest of a kit's cloth, by fabric and size. */
    record Rest(String fabricCode, Length width, Length height) {
        boolean isOneOf(LaidCloth.Rests rests) {
            return rests.width().equals(width) && rests.height().equals(height);
        }
    }

    /** The largest rests of a fabric in one bag, each with what it could serve. */
    @Transactional(readOnly = true)
    public List<Offer> of(Kit kit, Fabric fabric) {
        List<Kit> others = kits.ofFabric(fabric.id()).stream()
                .filter(other -> other.id() != kit.id() && other.isCutByTheShop() && other.lettersByFabric().containsKey(fabric))
                .toList();
        return works.work(kit).rests(fabric.code()).stream().limit(MOST_OFFERS).map(rests -> offer(kit, fabric, rests, others)).toList();
    }

    private Offer offer(Kit kit, Fabric fabric, LaidCloth.Rests rests, List<Kit> others) {
        Optional<KitLeftOvers.Kept> kept = kit.leftOvers().keptOf(fabric.id()).stream()
                .filter(one -> new Rest(fabric.code(), one.width(), one.height()).isOneOf(rests)).findFirst();
        List<Serves> serves = others.stream()
                .map(other -> new Serves(other, less(other, fabric, new LeftOver("rest", rests.width(), rests.height(), 1))))
                .filter(one -> one.less().isSome())
                .sorted(Comparator.comparing((Serves one) -> one.less().exact()).reversed())
                .toList();
        Map<PrecutKind, Long> shopCuts = new EnumMap<>(PrecutKind.class);
        for (PrecutKind kind : PrecutKind.values()) {
            long each = RestUse.shopCuts(rests, kind, width(kit, fabric));
            if (each > 0) {
                shopCuts.put(kind, each * rests.count());
            }
        }
        return new Offer(rests, kept, serves, shopCuts);
    }

    /** Left-overs of a fabric that a kit takes, and those on the shelf that would make its cloth shorter. */
    @Transactional(readOnly = true)
    public List<AtHand> atHand(Kit kit, Fabric fabric) {
        List<Good> all = goods.leftOversOf(fabric.id());
        Map<Long, GoodService.GoodCount> counts = goods.counts(all.stream().map(Good::id).toList());
        List<AtHand> atHand = new ArrayList<>();
        for (Good good : all) {
            boolean taken = kit.leftOvers().taken().contains(good);
            long free = requireNonNull(counts.get(good.id())).free();
            if (taken || free > 0) {
                atHand.add(new AtHand(good, free, taken, less(kit, fabric, good.leftOver(1))));
            }
        }
        return atHand.stream().filter(one -> one.taken() || one.less().isSome()).toList();
    }

    /** What the cloth of a kit leaves and takes, as its page shows it. */
    @Transactional(readOnly = true)
    public LeftOversView view(Kit kit, Fabric fabric, LeftOversView.Measures measures, Words words) {
        Set<Long> named = kit.leftOvers().kept().stream().flatMap(kept -> kept.forKitId().stream()).collect(Collectors.toSet());
        return LeftOversView.of(of(kit, fabric), atHand(kit, fabric), kits.byIds(named), measures, words);
    }

    private Less less(Kit kit, Fabric fabric, LeftOver leftOver) {
        ShopPractice own = works.practiceOf(kit);
        Length width = width(kit, fabric);
        Optional<Need.Amount.Cloth> without = cloth(works.cloth(kit, own, Map.of()), fabric, width);
        Optional<Need.Amount.Cloth> with = cloth(works.cloth(kit, own, Map.of(fabric.code(), List.of(leftOver))), fabric, width);
        return without.flatMap(all -> with.map(less -> new Less(
                all.plan().exact().value().minus(less.plan().exact().value()), all.sell().value().minus(less.sell().value()),
                less.plan().laid().map(LaidCloth::partsFromLeftOvers).orElse(Map.of()))))
                .orElse(Less.NOTHING);
    }

    private static Optional<Need.Amount.Cloth> cloth(KitCloth cloth, Fabric fabric, Length width) {
        return cloth.need(fabric, cloth.kit().instructions(), width)
                .flatMap(Need::cloth);
    }

    private Length width(Kit kit, Fabric fabric) {
        return works.usableWidth(kit, fabric);
    }
}
