package retazo.app.demo;

import java.util.Currency;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitService;
import retazo.app.kits.NewKits;
import retazo.app.kits.prints.KitPairings;
import retazo.app.patterns.PatternVersion;
import retazo.app.stock.Reason;
import retazo.app.stock.goods.BundlePrint;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodKind;
import retazo.app.stock.goods.GoodService;
import retazo.app.stock.goods.NewGood;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.Prices;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.Contents;
import retazo.core.kit.PrintRule;
import retazo.core.measure.Money;
import retazo.core.prints.PrintValue;

/** The demo shop's precuts and copies of patterns, and a kit that takes them. */
@Component
class DemoGoods {

    private static final String TABLE_PATTERN = "Tide Table";

    // Two of each in the roll. A d marks one that is left out, so that two units stay without a light one.
    private static final List<String> PRINTS = List.of(
            "Avocet white|LIGHT", "Reed mist|LIGHT", "Oyster shell|LIGHT", "Foam|LIGHT", "Tern cream|LIGHT|d", "Lapwing pale|LIGHT",
            "Salt haze|LIGHT",
            "Sandling|LIGHT", "Teal feather|MEDIUM", "Samphire|MEDIUM", "Sluice brick|MEDIUM", "Curlew buff|MEDIUM", "Coot black|DARK",
            "Bog oak|DARK",
            "Eel slate|DARK", "Night heron|DARK", "Deep channel|DARK", "Rust chain|DARK", "Sedge green|DARK", "Moorhen|DARK");

    private final GoodService goods;
    private final KitService kits;
    private final KitBook book;
    private final KitPairings pairings;
    private final FabricService fabrics;

    DemoGoods(GoodService goods, KitService kits, KitBook book, KitPairings pairings, FabricService fabrics) {
        this.goods = goods;
        this.kits = kits;
        this.book = book;
        this.pairings = pairings;
        this.fabrics = fabrics;
    }

    void fill(List<PatternVersion> patterns, DemoRuns.Crew crew) {
        Good roll = good("MARSH-R", "Marsh birds strip roll", PrecutKind.STRIP_ROLL, 40, "#4f7f86", 5, crew);
        Good quarters = good("ENAMEL-Q", "Enamel signs fat quarters", PrecutKind.FAT_QUARTER, 1, "#b8562f", 22, crew);
        good("MARSH-10", "Marsh birds 10 in squares", PrecutKind.SQUARES_10, 42, "#4f7f86", 3, crew);
        good("MUD-5", "Mud flats 5 in squares", PrecutKind.SQUARES_5, 40, "#8b7257", 6, crew);
        PatternVersion table = patterns.stream().filter(pattern -> pattern.name().equals(TABLE_PATTERN)).findFirst().orElseThrow();
        Map<RoleKey, Fabric> chosen = new HashMap<>();
        Map.of("ground", "FOG", "binding", "COOT", "backing", "HULL")
                .forEach((role, code) -> chosen.put(new RoleKey(role), fabrics.byCode(code).orElseThrow()));
        Map<RoleKey, Good> precuts = Map.of(new RoleKey("strips"), roll, new RoleKey("accents"), quarters);
        List<Long> tide = DemoStock
                .done(kits.add(new NewKits(table, List.of("crib", "throw"), "Marsh and enamel", chosen, precuts, Contents.EVERYTHING)));
        goods.print(roll.id(), PRINTS.stream().map(DemoGoods::print).toList());
        RoleKey strips = new RoleKey("strips");
        DemoStock.done(pairings.keep(tide.get(0), roll, new PrintRule(16, List.of(
                new PrintRule.Part(List.of(strips), Optional.of(PrintValue.LIGHT), 1),
                new PrintRule.Part(List.of(strips), Optional.of(PrintValue.DARK), 1)), true)));
        Good copies = goods.copiesOf(table.patternId(), table.name());
        goods.price(copies.id(), new Prices<>(Optional.of(new Money(Currency.getInstance("USD"), 1200)),
                Optional.of(new Money(Currency.getInstance("USD"), 640))));
        DemoStock.done(goods.move(copies.id(), 4, Reason.RECEIVED, DemoStock.entry(crew.counter())));
        Good thread = notion("THREAD-FOG", "Piecing thread, fog grey", GoodKind.Notion.Sort.THREAD, "#b9bfc0", 12, crew);
        notion("RULER-6", "Ruler 6½ × 24 in", GoodKind.Notion.Sort.RULER, "#d8e3dc", 3, crew);
        tide.forEach(kit -> DemoStock.done(kits.take(kit, book.kit(kit).sources().with(thread, 1))));
    }

    private static BundlePrint print(String sample) {
        String[] parts = sample.split("\\|");
        return new BundlePrint(
                parts[0], PrintValue.valueOf(parts[1]), 2, parts.length > 2 ? BundlePrint.Part.DROPPED : BundlePrint.Part.BUNDLE);
    }

    private Good notion(String code, String name, GoodKind.Notion.Sort sort, String colour, long count, DemoRuns.Crew crew) {
        Good good = DemoStock.done(goods.add(NewGood.notion(code, name, sort, colour)));
        DemoStock.done(goods.move(good.id(), count, Reason.RECEIVED, DemoStock.entry(crew.counter())));
        return good;
    }

    private Good good(String code, String name, PrecutKind kind, int perUnit, String colour, long count, DemoRuns.Crew crew) {
        Good good = DemoStock.done(goods.add(NewGood.precut(code, name, kind, perUnit, colour)));
        DemoStock.done(goods.move(good.id(), count, Reason.RECEIVED, DemoStock.entry(crew.counter())));
        return good;
    }
}
