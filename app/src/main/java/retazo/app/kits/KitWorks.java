package retazo.app.kits;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.practice.PracticeService;
import retazo.app.practice.PriceListService;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.core.cloth.Prices;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.cutting.ClothPlan;
import retazo.core.cutting.strip.LeftOver;
import retazo.core.explain.Figure;
import retazo.core.kit.BillCost;
import retazo.core.kit.BillOfMaterials;
import retazo.core.kit.Instructions;
import retazo.core.kit.Need;
import retazo.core.kit.Planners;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/** Works out what goes into kits: their cloth, bills and costs. */
@Service
public class KitWorks {

    private final FabricService fabrics;
    private final GoodService goods;
    private final PracticeService practice;
    private final PriceListService priceList;
    private final Planners planners;

    KitWorks(
            FabricService fabrics, GoodService goods, PracticeService practice, PriceListService priceList, Planners planners) {
        this.fabrics = fabrics;
        this.goods = goods;
        this.practice = practice;
        this.priceList = priceList;
        this.planners = planners;
    }

    /** The shop's practice with what the kit's pattern and the kit itself change. */
    @Transactional(readOnly = true)
    public ShopPractice practiceOf(Kit kit) {
        return practiceOf(kit, practice.practice());
    }

    private static ShopPractice practiceOf(Kit kit, ShopPractice shop) {
        return kit.settings().on(kit.pattern().design().practice(shop));
    }

    /** The kit by another practice of the shop, cut from bolts alone. */
    public KitWork workBy(Kit kit, ShopPractice shop) {
        return KitWork.of(cloth(kit, practiceOf(kit, shop), Map.of()));
    }

    /** The usable width that one of a kit's cloths is planned for. */
    @Transactional(readOnly = true)
    public Length usableWidth(Kit kit, Fabric fabric) {
        return cloth(kit, practiceOf(kit), Map.of()).cloth(fabric).usableWidth().value();
    }

    /** Whether a usable width differs from the one that a fabric would be planned for in a kit without settings of its own. */
    @Transactional(readOnly = true)
    public boolean isOwnWidth(Kit kit, Fabric fabric, Length width) {
        return !width.equals(usableWidth(kit.with(KitSettings.NONE), fabric));
    }

    /** The kit with its quilt, cloth and bill, for one bag, by the practice of now. */
    @Transactional(readOnly = true)
    public KitWork work(Kit kit) {
        return works(List.of(kit), List.of(1)).get(0);
    }

    /**
     * Kits with their quilts, cloths and bills. A kit takes left-overs where as many are free as all its bags take; those of the first
     * are gone for the next.
     *
     * @param bags how many of each
     */
    @Transactional(readOnly = true)
    public List<KitWork> works(List<Kit> asked, List<Integer> bags) {
        ShopPractice shop = practice.practice();
        Map<Long, Long> free = freeLeftOvers(asked);
        List<KitWork> works = new ArrayList<>();
        for (int i = 0; i < asked.size(); i++) {
            Kit kit = asked.get(i);
            long all = bags.get(i);
            KitWork work = KitWork.of(cloth(kit, practiceOf(kit, shop), leftOversFor(kit, free, all)));
            works.add(work);
            Map<String, Count> picked = work.bill().picked();
            kit.leftOvers().taken().forEach(good -> free.merge(
                    good.id(), -all * Optional.ofNullable(picked.get(good.code())).map(Count::value).orElse(0L), Long::sum));
        }
        return works;
    }

    /**
     * The kit as one bag of it was planned: with the left-overs that it took, by the shop's practice of now.
     *
     * @param taken by the id of their fabric
     */
    @Transactional(readOnly = true)
    public KitWork workTaking(Kit kit, Map<Long, List<LeftOver>> taken) {
        Map<String, List<LeftOver>> byFabric = new HashMap<>();
        kit.lettersByFabric().keySet().forEach(fabric -> byFabric.put(fabric.code(), taken.getOrDefault(fabric.id(), List.of())));
        return KitWork.of(cloth(kit, practiceOf(kit), byFabric));
    }

    private Map<Long, Long> freeLeftOvers(List<Kit> asked) {
        List<Long> ids = asked.stream().flatMap(kit -> kit.leftOvers().taken().stream()).map(Good::id).distinct().toList();
        Map<Long, Long> free = new HashMap<>();
        if (!ids.isEmpty()) {
            goods.counts(ids).forEach((id, count) -> free.put(id, count.free()));
        }
        return free;
    }

    /** What each of so many bags may take, by the code of its fabric; only a kit whose pieces the shop cuts. */
    private static Map<String, List<LeftOver>> leftOversFor(Kit kit, Map<Long, Long> free, long bags) {
        Map<String, List<LeftOver>> byFabric = new HashMap<>();
        if (kit.isCutByTheShop()) {
            kit.lettersByFabric().keySet().forEach(fabric -> byFabric.put(fabric.code(), kit.leftOvers().takenOf(fabric.id()).stream()
                    .filter(good -> requireNonNull(free.get(good.id())) >= bags)
                    .map(good -> good.leftOver(Math.toIntExact(requireNonNull(free.get(good.id())) / bags)))
                    .toList()));
        }
        return byFabric;
    }

    /** How much less cloth the kit takes as sold when everything is laid together than with each size alone. */
    @Transactional(readOnly = true)
    public Length savedByPlan(KitWork work) {
        return work.savedByPlan(cloth(work.kit(), work.practice(), Map.of()));
    }

    /** What things are sold for now. */
    public PriceTags priceTags() {
        return new PriceTags(priceList.usual(), priceList.tax());
    }

    /** What one bag's bill is sold for, and what it costs the shop; left-overs cost nothing any more. */
    public Prices<BillCost> costs(KitWork work) {
        return new Prices<>(Optional.of(priceTags().ofBill(work.kit(), work.bill())), Optional.of(cost(work.kit(), work.bill())));
    }

    /** What a bill of a kit costs the shop; left-overs cost nothing any more. */
    public BillCost cost(Kit kit, BillOfMaterials bill) {
        return priceTags().costOf(kit, bill);
    }

    /** What of the print of one of a kit's fabrics cannot stand upright. */
    @Transactional(readOnly = true)
    public List<Problem> lyingAgainstPrint(Kit kit, Fabric fabric) {
        List<RoleKey> roles = kit.fabrics().entrySet().stream().filter(role -> role.getValue().equals(fabric)).map(Map.Entry::getKey)
                .toList();
        return cloth(kit, practiceOf(kit), Map.of()).plan().lyingAgainstPrint(roles);
    }

    /**
     * What each of a kit's fabrics whose print has a direction would be sold as with the print the other way: any way where it stays
     * upright, upright where it may lie any way.
     */
    @Transactional(readOnly = true)
    public Map<Fabric, Length> soldOtherwise(KitWork work) {
        Map<Fabric, Length> sold = new LinkedHashMap<>();
        Kit kit = work.kit();
        for (Fabric fabric : kit.lettersByFabric().keySet()) {
            if (!fabric.print().mayTurn() && work.need(fabric.code()).isPresent()) {
                KitDirections now = kit.settings().directions();
                Kit other = kit.with(kit.settings().with(now.ofFabric(fabric.id(), now.anyWay().contains(fabric.id()))));
                clothNeed(other, fabric, work.practice(), kit.instructions(), usableWidth(kit, fabric))
                        .flatMap(Need::sold).ifPresent(length -> sold.put(fabric, length.value()));
            }
        }
        return sold;
    }

    /** What one cloth of a kit is needed for, by instructions, on cloth of a usable width; empty if the kit takes none of it. */
    @Transactional(readOnly = true)
    public Optional<Need> clothNeed(Kit kit, Fabric fabric, ShopPractice by, Instructions instructions, Length usableWidth) {
        return cloth(kit, by).need(fabric, instructions, usableWidth);
    }

    /** How much more of a fabric a kit takes on cloth half an inch narrower; empty for nothing. */
    @Transactional(readOnly = true)
    public Optional<Length> moreOnNarrower(Kit kit, Fabric fabric) {
        ShopPractice own = practiceOf(kit);
        Length width = usableWidth(kit, fabric);
        Optional<Length> now = exact(clothNeed(kit, fabric, own, kit.instructions(), width));
        Optional<Length> narrower = exact(clothNeed(kit, fabric, own, kit.instructions(), width.minus(ClothPlan.EDGE)));
        return now.flatMap(length -> narrower.map(more -> more.minus(length))).filter(Length::isPositive);
    }

    private static Optional<Length> exact(Optional<Need> need) {
        return need.flatMap(Need::exact).map(Figure::value);
    }

    /** What one kind of precuts of a kit is needed for; empty if the kit takes none of it, or cannot be made of it. */
    @Transactional(readOnly = true)
    public Optional<Need> precutNeed(Kit kit, Good good, ShopPractice by) {
        return cloth(kit, by).need(good);
    }

    /**
     * How a kit's cloth is planned.
     *
     * @param own       the practice as it is for this kit
     * @param leftOvers that one bag takes, by the code of their fabric
     */
    public KitCloth cloth(Kit kit, ShopPractice own, Map<String, List<LeftOver>> leftOvers) {
        return new KitCloth(kit, own, fabrics, leftOvers, planners);
    }

    private KitCloth cloth(Kit kit, ShopPractice by) {
        return cloth(kit, by, leftOversFor(kit, freeLeftOvers(List.of(kit)), 1));
    }
}
