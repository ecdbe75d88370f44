package retazo.app.season;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.practice.PriceListService;
import retazo.app.shared.LengthView;
import retazo.app.shared.MoneyText;
import retazo.app.shared.Words;
import retazo.app.stock.goods.Good;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Money;
import retazo.core.season.Season;
import retazo.core.season.SeasonKit;
import retazo.core.season.SeasonPlan;

/** Puts a season's board together. */
@Component
class SeasonPages {

    private static final int LONG_BAR = 1_000;
    private static final Count NONE = new Count(0);

    private final Seasons seasons;
    private final KitBook kits;
    private final SeasonCloth cloth;
    private final PriceListService priceList;
    private final Words words;

    SeasonPages(Seasons seasons, KitBook kits, SeasonCloth cloth, PriceListService priceList, Words words) {
        this.seasons = seasons;
        this.kits = kits;
        this.cloth = cloth;
        this.priceList = priceList;
        this.words = words;
    }

    /**
     * A kit of it.
     *
     * @param at      its number on the board, from 1
     * @param alone   how many could be made if no other kit took its cloth; empty where it cannot be made by the practice of now
     * @param number  that is shown as planned
     * @param inRuns  that are in runs already
     * @param shortOf what there is too little of for all that is planned, in words; or empty
     * @param stops   what there is too little of for one, in words; or empty
     */
    record Row(int at, Kit kit, String price, Optional<Count> alone, int number, int inRuns, String shortOf, String stops) {
    }

    /** What one kit takes of a bar: the kit's number on the board, its number made, and where it lies, its middle in parts of the board. */
    record Part(int at, long number, String x, String width, String middle, boolean wide) {
    }

    /**
     * A fabric's cloth, its whole stock one bar to the scale of the board.
     *
     * @param rest   where what is left begins, and how wide it is
     * @param end    where its cloth ends
     * @param beyond how far parts reach beyond that; they have no cloth
     * @param unlaid what finds no place on its bolts, in words; or empty
     * @param scarce what a yard or a metre more would bring, in words; empty where there is enough of it
     */
    record Bar(Fabric fabric, List<Part> parts, String rest, String restWidth, String end, String beyond, LengthView free, LengthView left,
            String unlaid, String scarce) {
    }

    /**
     * The board.
     *
     * @param kept    as it is kept
     * @param changed whether numbers are shown that are not kept
     * @param sum     how many kits are planned
     * @param worth   of them
     * @param bound   no numbers that can be cut are worth more; empty where what is planned cannot be cut
     * @param best    whether the bound is reached
     * @param unpriced how many kits have no price
     * @param lacking goods of which there are too few, in words
     * @param fits    whether all of it can be cut and picked
     */
    record Board(
            Seasons.Kept kept, List<Row> rows, List<Bar> bars, boolean changed, long sum, String worth, Optional<String> bound,
            boolean best, int unpriced, List<String> lacking, boolean fits) {

        public List<Fabric> prints() {
            return bars.stream().map(Bar::fabric).toList();
        }
    }

    /** What numbers are shown: those that are kept or typed, or the best ones. */
    enum Show {
        TYPED,
        BEST,
        EVEN,
        FILLED
    }

    /** @param typed numbers that stand in place of those that are kept, by kit */
    @Transactional(readOnly = true)
    Board board(long id, Map<Long, Integer> typed, Show show) {
        Seasons.Kept kept = seasons.kept(id);
        List<Kit> all = kits.inOrder(List.copyOf(kept.kits().keySet()));
        Map<Long, Integer> numbers = new TreeMap<>();
        kept.kits().forEach((kit, planned) -> numbers.put(kit, typed.getOrDefault(kit, planned.number())));
        SeasonCloth.Found found = cloth.of(all, show == Show.FILLED ? numbers : Map.of());
        SeasonPlan plan = SeasonPlan.best(found.season(), show == Show.EVEN ? SeasonPlan.Aim.EVEN : SeasonPlan.Aim.WORTH);
        if (show != Show.TYPED) {
            plan.numbers().forEach((kit, number) -> numbers.put(Long.valueOf(kit), Math.toIntExact(number.value())));
        }
        Map<String, Count> counts = new HashMap<>();
        numbers.forEach((kit, number) -> counts.put(Long.toString(kit), new Count(number)));
        return board(kept, all, found, plan, numbers, counts);
    }

    private Board board(
            Seasons.Kept kept, List<Kit> all, SeasonCloth.Found found, SeasonPlan plan, Map<Long, Integer> numbers,
            Map<String, Count> counts) {
        Map<String, SeasonKit> byId = found.season().kits().stream().collect(Collectors.toMap(SeasonKit::id, kit -> kit));
        Map<String, Fabric> fabrics = new HashMap<>();
        Map<String, Good> goods = new HashMap<>();
        all.forEach(kit -> {
            kit.cloths().forEach(fabric -> fabrics.put(fabric.code(), fabric));
            goods.putAll(kit.goodsByCode());
        });
        List<Season.Share> shares = found.season().shares(counts);
        Map<String, Integer> places = new LinkedHashMap<>();
        all.forEach(kit -> places.put(Long.toString(kit.id()), places.size() + 1));
        List<String> lacking = new ArrayList<>();
        Map<String, Count> lacks = new HashMap<>();
        found.season().pickedGoods().forEach(code -> {
            Count lack = found.season().lacking(code, counts);
            if (lack.value() > 0) {
                lacks.put(code, lack);
                lacking.add(words.text("season.lacking", lack.value(), Objects.requireNonNull(goods.get(code)).name()));
            }
        });
        List<Row> rows = all.stream().map(kit -> row(
                kit, places, found, kept, numbers, Optional.ofNullable(byId.get(Long.toString(kit.id()))), shares, lacks, fabrics, goods))
                .toList();
        List<Bar> bars = bars(shares, counts, places, fabrics, plan);
        boolean fits = shares.stream().allMatch(Season.Share::suffices) && lacking.isEmpty();
        long worth = all.stream().mapToLong(kit -> Optional.ofNullable(found.prices().get(kit.id())).map(Money::minor).orElse(0L)
                * Objects.requireNonNullElse(numbers.get(kit.id()), 0)).sum();
        boolean changed = kept.kits().entrySet().stream().anyMatch(
                entry -> entry.getValue().number() != Objects.requireNonNullElse(numbers.get(entry.getKey()), 0));
        return new Board(
                kept, rows, bars, changed, numbers.values().stream().mapToLong(Integer::longValue).sum(), money(worth),
                fits && !found.season().kits().isEmpty() ? Optional.of(money(plan.bound())) : Optional.empty(), worth >= plan.bound(),
                all.size() - found.prices().size(), lacking, fits);
    }

    private Row row(
            Kit kit, Map<String, Integer> places, SeasonCloth.Found found, Seasons.Kept kept, Map<Long, Integer> numbers,
            Optional<SeasonKit> made, List<Season.Share> shares, Map<String, Count> lacks, Map<String, Fabric> fabrics,
            Map<String, Good> goods) {
        String id = Long.toString(kit.id());
        List<String> shortOf = new ArrayList<>();
        shares.stream().filter(share -> !share.suffices() && share.taken().containsKey(id))
                .forEach(share -> shortOf.add(Objects.requireNonNull(fabrics.get(share.code())).name()));
        made.ifPresent(one -> one.picked().keySet().stream().filter(lacks::containsKey)
                .forEach(code -> shortOf.add(Objects.requireNonNull(goods.get(code)).name())));
        return new Row(
                Objects.requireNonNull(places.get(id)), kit,
                Optional.ofNullable(found.prices().get(kit.id())).map(MoneyText::of).orElse(""), made.map(found.season()::alone),
                Objects.requireNonNullElse(numbers.get(kit.id()), 0),
                Objects.requireNonNull(kept.kits().get(kit.id())).inRuns(), words.list(shortOf),
                made.map(one -> stops(found.season().aloneByCode(one), fabrics, goods)).orElse(""));
    }

    private String stops(Map<String, Count> alone, Map<String, Fabric> fabrics, Map<String, Good> goods) {
        return words.list(alone.entrySet().stream().filter(entry -> entry.getValue().equals(NONE)).map(Map.Entry::getKey)
                .map(code -> fabrics.containsKey(code)
                        ? Objects.requireNonNull(fabrics.get(code)).name()
                        : Objects.requireNonNull(goods.get(code)).name())
                .toList());
    }

    private List<Bar> bars(List<Season.Share> shares, Map<String, Count> counts, Map<String, Integer> places, Map<String, Fabric> fabrics,
            SeasonPlan plan) {
        long longest = shares.stream().mapToLong(share -> Math.max(share.free().ticks(), share.all().ticks())).max().orElse(1);
        LengthUnit unit = words.sellingUnit();
        return shares.stream().map(share -> {
            List<Part> parts = new ArrayList<>();
            Length at = Length.ZERO;
            for (Map.Entry<String, Length> taken : share.taken().entrySet()) {
                Length next = at.plus(taken.getValue());
                parts.add(new Part(
                        Objects.requireNonNull(places.get(taken.getKey())), counts.getOrDefault(taken.getKey(), NONE).value(),
                        place(at, longest), place(taken.getValue(), longest), percent(new Length((at.ticks() + next.ticks()) / 2), longest),
                        taken.getValue().ticks() * LONG_BAR / Math.max(1, longest) > 24));
                at = next;
            }
            return new Bar(
                    Objects.requireNonNull(fabrics.get(share.code())), parts, place(at, longest), place(share.left(), longest),
                    place(share.free(), longest), place(share.all().minus(share.free()).atLeast(Length.ZERO), longest),
                    LengthView.onHand(share.free(), unit), LengthView.onHand(share.left(), unit),
                    unlaid(share, unit), scarce(plan.worthOfMore(share.code(), Length.of(1, 1, unit)), unit));
        }).toList();
    }

    private String scarce(long minor, LengthUnit unit) {
        return minor == 0 ? "" : words.text("season.scarce." + unit, money(minor));
    }

    private String unlaid(Season.Share share, LengthUnit unit) {
        Map<Length, Long> byLength = share.unlaid().stream()
                .collect(Collectors.groupingBy(length -> length, TreeMap::new, Collectors.counting()));
        return words.list(byLength.entrySet().stream()
                .map(entry -> words.text("season.unlaid", entry.getValue(), LengthView.onHand(entry.getKey(), unit).plain())).toList());
    }

    private static String place(Length length, long longest) {
        return BigDecimal.valueOf(length.ticks()).multiply(BigDecimal.valueOf(LONG_BAR))
                .divide(BigDecimal.valueOf(Math.max(1, longest)), 1, RoundingMode.HALF_UP).toPlainString();
    }

    private static String percent(Length length, long longest) {
        return BigDecimal.valueOf(length.ticks()).multiply(BigDecimal.valueOf(100))
                .divide(BigDecimal.valueOf(Math.max(1, longest)), 2, RoundingMode.HALF_UP).toPlainString() + "%";
    }

    private String money(long minor) {
        return MoneyText.of(new Money(priceList.usual().currency(), minor));
    }
}
