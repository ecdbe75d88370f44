package retazo.app.kits.possible;

import static java.util.Objects.requireNonNull;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.kits.Kit;
import retazo.app.kits.KitWork;
import retazo.app.kits.KitWorks;
import retazo.app.practice.PracticeService;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.core.bolt.BoltRequest;
import retazo.core.bolt.BoltStock;
import retazo.core.bolt.KitsPossible;
import retazo.core.bolt.Tolerance;
import retazo.core.cloth.ShopPractice;
import retazo.core.kit.BillOfMaterials;
import retazo.core.measure.Count;
import retazo.core.quilt.setting.TopSize;

/**
 * How many of kits can be made now, each as if it were the only one, and what stops the next one. Each bag is counted with its whole
 * length, without left-overs. The bills of the kits that were looked at last are kept; a bill belongs to all that it comes from, so a
 * change of the kit, its pattern, its fabrics or the practice makes another. What is free is asked for each time.
 */
@Component
public class PossibleKits {

    private static final int MOST_KEPT = 2_000;

    private final KitWorks works;
    private final StockService stock;
    private final GoodService goods;
    private final PracticeService practice;
    private final Cache<Source, Optional<OneBag>> kept = Caffeine.newBuilder().maximumSize(MOST_KEPT).build();

    PossibleKits(KitWorks works, StockService stock, GoodService goods, PracticeService practice) {
        this.works = works;
        this.stock = stock;
        this.goods = goods;
        this.practice = practice;
    }

    /** All that a bill comes from. */
    private record Source(Kit kit, ShopPractice practice) {

        /** By the kit alone: what else belongs to it is compared, and seldom differs. */
        @Override
        public int hashCode() {
            return Long.hashCode(kit.id());
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof Source same && kit.equals(same.kit) && practice.equals(same.practice);
        }
    }

    /** Of one kit. */
    @Transactional(readOnly = true)
    public KitsPossible of(Kit kit) {
        return of(List.of(kit)).get(0);
    }

    /**
     * One bag of a kit.
     *
     * @param bill     what it takes, cut from bolts alone
     * @param finished how large its top is; empty where its pattern does not say
     */
    public record OneBag(BillOfMaterials bill, Optional<TopSize> finished) {
    }

    /** Empty where the kit cannot be made by the practice of now. */
    @Transactional(readOnly = true)
    public Optional<OneBag> oneBag(Kit kit) {
        return oneBag(kit, practice.practice());
    }

    /** Of several, by the kit's id; those that cannot be made are absent. */
    @Transactional(readOnly = true)
    public Map<Long, OneBag> oneBags(List<Kit> kits) {
        ShopPractice shop = practice.practice();
        Map<Long, OneBag> found = new HashMap<>();
        kits.forEach(kit -> oneBag(kit, shop).ifPresent(one -> found.put(kit.id(), one)));
        return found;
    }

    private Optional<OneBag> oneBag(Kit kit, ShopPractice shop) {
        return requireNonNull(kept.get(new Source(kit, shop), source -> worked(kit, shop)));
    }

    /** Of several, in their order. */
    @Transactional(readOnly = true)
    public List<KitsPossible> of(List<Kit> kits) {
        ShopPractice shop = practice.practice();
        Free free = free(kits, Tolerance.of(shop));
        return kits.stream()
                .map(kit -> oneBag(kit, shop)
                        .map(one -> possible(kit, one.bill(), free))
                        .orElseGet(() -> new KitsPossible(Map.of(), new Count(0), List.of())))
                .toList();
    }

    /** Of a kit whose bags take what a bill says. */
    @Transactional(readOnly = true)
    public KitsPossible of(Kit kit, BillOfMaterials bill) {
        return possible(kit, bill, free(List.of(kit), Tolerance.of(practice.practice())));
    }

    /** What is there for some kits, by the ids of fabrics and goods. */
    private record Free(Map<Long, List<Bolt>> bolts, Map<Long, GoodService.GoodCount> counts, Tolerance tolerance) {
    }

    private Free free(List<Kit> kits, Tolerance tolerance) {
        Set<Long> fabricIds = kits.stream().flatMap(kit -> kit.fabricIdByCode().values().stream()).collect(Collectors.toSet());
        return new Free(
                stock.boltsOf(fabricIds).stream().collect(Collectors.groupingBy(Bolt::fabricId)),
                goods.counts(kits.stream().flatMap(kit -> kit.goodsByCode().values().stream()).map(Good::id).distinct().toList()),
                tolerance);
    }

    private Optional<OneBag> worked(Kit kit, ShopPractice shop) {
        KitWork work = works.workBy(kit, shop);
        return work.problems().isEmpty() ? Optional.of(new OneBag(work.bill(), work.plan().finished())) : Optional.empty();
    }

    private static KitsPossible possible(Kit kit, BillOfMaterials bill, Free free) {
        Map<String, List<BoltStock>> bolts = new HashMap<>();
        Map<String, Long> ids = kit.fabricIdByCode();
        bill.lines().stream().flatMap(line -> line.asCut().stream()).forEach(cut -> bolts.put(
                cut.fabricCode(), BoltRequest.wideEnough(
                        free.bolts().getOrDefault(ids.get(cut.fabricCode()), List.of()).stream()
                                .map(bolt -> bolt.toStock(free.tolerance())).toList(),
                        cut.plannedWidth())));
        Map<String, Count> counts = new HashMap<>();
        kit.goodsByCode().forEach((code, good) -> counts.put(code, new Count(requireNonNull(free.counts().get(good.id())).free())));
        return KitsPossible.of(bill, bolts, counts);
    }
}
