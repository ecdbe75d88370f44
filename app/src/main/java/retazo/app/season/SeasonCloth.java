package retazo.app.season;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.kits.Kit;
import retazo.app.kits.possible.KitPrices;
import retazo.app.kits.possible.PossibleKits;
import retazo.app.practice.PracticeService;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.core.bolt.BoltRequest;
import retazo.core.bolt.BoltStock;
import retazo.core.bolt.Tolerance;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Money;
import retazo.core.season.Season;
import retazo.core.season.SeasonKit;

/** Finds what a season's kits take, and what of it is free. */
@Component
class SeasonCloth {

    private static final Count MOST = new Count(Seasons.MOST_OF_A_KIT);
    private static final Count NONE = new Count(0);

    private final PossibleKits possible;
    private final KitPrices prices;
    private final StockService stock;
    private final GoodService goods;
    private final PracticeService practice;

    SeasonCloth(PossibleKits possible, KitPrices prices, StockService stock, GoodService goods, PracticeService practice) {
        this.possible = possible;
        this.prices = prices;
        this.stock = stock;
        this.goods = goods;
        this.practice = practice;
    }

    /**
     * A season with its cloth; kits that cannot be made by the practice of now are not in it.
     *
     * @param prices of its kits; those without one count as nothing
     */
    record Found(Season season, Map<Long, Money> prices) {
    }

    /** @param least how many of a kit are made in any case, by its id; none of one that is absent */
    @Transactional(readOnly = true)
    Found of(List<Kit> kits, Map<Long, Integer> least) {
        Map<Long, PossibleKits.OneBag> bags = possible.oneBags(kits);
        KitPrices.Told told = prices.of(kits);
        Map<Long, Money> worth = new HashMap<>();
        kits.forEach(kit -> told.amount(kit).ifPresent(price -> worth.put(kit.id(), price)));
        List<SeasonKit> made = new ArrayList<>();
        Map<String, Long> fabricIds = new HashMap<>();
        Map<String, Length> widths = new HashMap<>();
        Map<String, Good> counted = new HashMap<>();
        for (Kit kit : kits) {
            PossibleKits.OneBag bag = bags.get(kit.id());
            if (bag == null || bag.bill().lines().isEmpty()) {
                continue;
            }
            fabricIds.putAll(kit.fabricIdByCode());
            counted.putAll(kit.goodsByCode());
            bag.bill().lines().stream().flatMap(line -> line.asCut().stream()).forEach(
                    cut -> widths.merge(cut.fabricCode(), cut.plannedWidth(), (one, other) -> one.isLongerThan(other) ? one : other));
            made.add(new SeasonKit(
                    Long.toString(kit.id()), Optional.ofNullable(worth.get(kit.id())).map(Money::minor).orElse(0L),
                    new Count(least.getOrDefault(kit.id(), 0)), MOST, bag.bill().lengths(), bag.bill().picked()));
        }
        Season wanted = new Season(made, Map.of(), Map.of());
        return new Found(new Season(made, bolts(wanted.fabrics(), fabricIds, widths), free(wanted.pickedGoods(), counted)), worth);
    }

    private Map<String, List<BoltStock>> bolts(Set<String> codes, Map<String, Long> fabricIds, Map<String, Length> widths) {
        Tolerance tolerance = Tolerance.of(practice.practice());
        Map<Long, List<Bolt>> byFabric = stock.boltsOf(codes.stream().map(code -> requireNonNull(fabricIds.get(code))).toList()).stream()
                .collect(Collectors.groupingBy(Bolt::fabricId));
        Map<String, List<BoltStock>> bolts = new HashMap<>();
        codes.forEach(code -> bolts.put(code, BoltRequest.wideEnough(
                byFabric.getOrDefault(requireNonNull(fabricIds.get(code)), List.of()).stream().map(bolt -> bolt.toStock(tolerance))
                        .toList(),
                requireNonNull(widths.get(code)))));
        return bolts;
    }

    private Map<String, Count> free(Set<String> codes, Map<String, Good> counted) {
        Map<Long, GoodService.GoodCount> counts = goods.counts(
                codes.stream().map(code -> requireNonNull(counted.get(code)).id()).distinct().toList());
        Map<String, Count> free = new HashMap<>();
        codes.forEach(code -> free.put(code, Optional.ofNullable(counts.get(requireNonNull(counted.get(code)).id()))
                .map(count -> new Count(count.free())).orElse(NONE)));
        return free;
    }
}
