package retazo.app.counter;

import static java.util.Objects.requireNonNull;

import java.time.Clock;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.index.KitIndex;
import retazo.app.kits.index.KitTitle;
import retazo.app.runs.book.Bag;
import retazo.app.sales.SaleLine;
import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.app.shared.Moments;
import retazo.app.shared.MoneyText;
import retazo.app.shared.Words;
import retazo.app.stock.Bolt;
import retazo.app.stock.KitShelf;
import retazo.app.stock.StockService;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;

/** Says what was sold. */
@Component
class SoldWords {

    private final StockService stock;
    private final FabricService fabrics;
    private final KitShelf shelf;
    private final KitIndex kits;
    private final GoodService goods;
    private final Words words;
    private final Clock clock;

    SoldWords(
            StockService stock, FabricService fabrics, KitShelf shelf, KitIndex kits, GoodService goods, Words words, Clock clock) {
        this.stock = stock;
        this.fabrics = fabrics;
        this.shelf = shelf;
        this.kits = kits;
        this.goods = goods;
        this.words = words;
        this.clock = clock;
    }

    /** All that some lines name, by their places in stock. */
    private record Named(Map<Long, Bolt> bolts, Map<Long, Fabric> fabrics, Map<Long, KitTitle> kits, Map<Long, Good> goods) {
    }

    List<SoldView> of(Collection<SaleLine> lines) {
        Named named = named(lines);
        return lines.stream().map(line -> new SoldView(
                line.id(), FractionText.of(what(line, named)), from(line, named), line.sold().price().map(MoneyText::of).orElse(""),
                Moments.near(line.at(), clock.instant()), line.takenBack())).toList();
    }

    private Named named(Collection<SaleLine> lines) {
        Map<Long, Bolt> bolts = stock.boltsById(items(lines, line -> line.sold().length().isPresent()));
        Map<Long, Long> kitAt = shelf.kitsAt(items(lines, line -> line.sold().bagId().isPresent()));
        Map<Long, KitTitle> titles = kits.titles(Set.copyOf(kitAt.values()));
        return new Named(
                bolts, fabrics.byIds(bolts.values().stream().map(Bolt::fabricId).collect(Collectors.toSet())),
                kitAt.entrySet().stream().collect(Collectors.toMap(Map.Entry::getKey, one -> requireNonNull(titles.get(one.getValue())))),
                goods.byItems(items(lines, line -> line.sold().count().isPresent())));
    }

    private static Set<Long> items(Collection<SaleLine> lines, java.util.function.Predicate<SaleLine> which) {
        return lines.stream().filter(which).map(line -> line.sold().stockItemId()).collect(Collectors.toSet());
    }

    private String what(SaleLine line, Named named) {
        long item = line.sold().stockItemId();
        return line.sold().length()
                .map(length -> words.text(
                        "counter.sold.length", LengthView.of(length, words.sellingUnit()).plain(),
                        requireNonNull(named.fabrics.get(requireNonNull(named.bolts.get(item)).fabricId())).name()))
                .or(() -> line.sold().bagId().map(bag -> requireNonNull(named.kits.get(item)).name()))
                .or(() -> line.sold().count().map(count -> words.text(
                        "counter.sold.count", count, requireNonNull(named.goods.get(item)).name())))
                .orElseThrow();
    }

    private String from(SaleLine line, Named named) {
        return line.sold().length()
                .map(length -> words.text("counter.sold.bolt", requireNonNull(named.bolts.get(line.sold().stockItemId())).code()))
                .or(() -> line.sold().bagId().map(bag -> words.text("counter.sold.bag", Bag.code(bag))))
                .orElse("");
    }
}
