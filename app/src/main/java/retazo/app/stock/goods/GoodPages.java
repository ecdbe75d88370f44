package retazo.app.stock.goods;

import static java.util.Objects.requireNonNull;

import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.data.domain.Slice;
import org.springframework.stereotype.Component;
import retazo.app.practice.PriceListService;
import retazo.app.shared.Words;
import retazo.app.stock.StockService;
import retazo.core.measure.Money;

/** What the pages of counted stock show. */
@Component
class GoodPages {

    private static final int LINES_OF_THE_BOOK = 200;
    private static final int GOODS_ON_A_PAGE = 60;

    private final GoodService goods;
    private final OpenedPacks packs;
    private final StockService stock;
    private final PriceListService priceList;
    private final Words words;
    private final Clock clock;

    GoodPages(GoodService goods, OpenedPacks packs, StockService stock, PriceListService priceList, Words words, Clock clock) {
        this.goods = goods;
        this.packs = packs;
        this.stock = stock;
        this.priceList = priceList;
        this.words = words;
        this.clock = clock;
    }

    /** A good in the list. */
    record Listed(Good good, String kind, GoodService.GoodCount count) {
    }

    /** What was typed for the prices. */
    record TypedPrices(String price, String cost) {

        static TypedPrices of(Good good) {
            return new TypedPrices(
                    good.prices().price().map(Money::plainAmount).orElse(""), good.prices().cost().map(Money::plainAmount).orElse(""));
        }
    }

    /**
     * How a precut is measured.
     *
     * @param planned  the measure that plans count on
     * @param measured the one that somebody measured, or empty
     * @param prints   how many prints were written down
     */
    record Sheet(String planned, String measured, int prints) {
    }

    /** A print of a pack, in words. */
    record PrintView(String name, String value, OpenedPacks.LoosePrint print) {
    }

    /**
     * A pack that may be opened.
     *
     * @param missing what would have to lie loose to close one more, in words
     * @param each    what a loose piece is sold for, or empty
     */
    record PackView(List<PrintView> prints, OpenedPacks.LoosePieces loose, String missing, String each) {
    }

    /**
     * The page of one good.
     *
     * @param sheet of a precut; empty for all else
     * @param pack  what lies loose of it; empty for all that is no pack
     */
    record Page(
            Listed good, List<CountLine> book, Optional<Sheet> sheet, Optional<PackView> pack, TypedPrices prices, String currency) {

        /** The same with what was typed for the measure. */
        Page typed(String typedSheet) {
            return new Page(
                    good, book, sheet.map(known -> new Sheet(known.planned(), typedSheet, known.prints())), pack, prices, currency);
        }

        /** The same with what was typed for the prices. */
        Page typed(TypedPrices typed) {
            return new Page(good, book, sheet, pack, typed, currency);
        }
    }

    /**
     * A page of what is counted.
     *
     * @param number of the page, from 0
     * @param more   whether another page follows
     */
    record ListPage(String search, List<Listed> goods, int number, boolean more) {
    }

    ListPage list(String search, int page) {
        Slice<Good> found = goods.page(search, page, GOODS_ON_A_PAGE);
        Map<Long, GoodService.GoodCount> counts = goods.counts(found.map(Good::id).getContent());
        return new ListPage(
                search, found.stream().map(good -> new Listed(good, kind(good), requireNonNull(counts.get(good.id())))).toList(),
                page, found.hasNext());
    }

    Page page(long id) {
        Good good = goods.good(id);
        GoodService.GoodCount count = requireNonNull(goods.counts(List.of(id)).get(id));
        return new Page(
                new Listed(good, kind(good), count),
                count.itemId() == 0
                        ? List.of()
                        : stock.linesOf(count.itemId(), LINES_OF_THE_BOOK).stream()
                                .map(line -> CountLine.of(line, words, clock.instant())).toList(),
                good.precut().map(kind -> new Sheet(
                        good.measured().or(kind::cautious).map(SheetText::write).orElse(""),
                        good.measured().map(SheetText::write).orElse(""), goods.prints(id).size())),
                good.perUnit() > 1 ? Optional.of(pack(good)) : Optional.empty(), TypedPrices.of(good),
                priceList.usual().currency().getCurrencyCode());
    }

    private PackView pack(Good good) {
        OpenedPacks.LoosePieces loose = packs.loose(good);
        String missing = loose.missing().stream()
                .map(print -> words.text(
                        "pack.missing-print", name(print), (loose.closable() + 1) * print.inPack() - print.free()))
                .collect(Collectors.joining(", "));
        return new PackView(
                loose.prints().stream().map(print -> new PrintView(
                        name(print), words.text("print-value." + print.print().value().name().toLowerCase(Locale.ROOT)), print)).toList(),
                loose, missing,
                loose.prints().stream().flatMap(print -> print.good().stream()).flatMap(one -> one.prices().price().stream()).findFirst()
                        .map(Money::plainAmount).orElse(""));
    }

    private String name(OpenedPacks.LoosePrint print) {
        return print.print().name().isEmpty() ? words.text("pack.not-written-down") : print.print().name();
    }

    /** What kind of good it is, in words. */
    private String kind(Good good) {
        return good.kind().match(new GoodKind.Cases<>() {
            @Override
            public String precut(GoodKind.Precut precut) {
                return words.text(
                        precut.perUnit() == 1 ? "good.kind.single" : "good.kind.pack", words.text("precut." + precut.kind().code()),
                        precut.perUnit());
            }

            @Override
            public String loose(GoodKind.Loose loose) {
                return words.text("good.loose", words.text("precut." + loose.kind().code()));
            }

            @Override
            public String shopCut(GoodKind.ShopCut quarters) {
                return words.text("good.shop-cut", words.text("precut." + quarters.kind().code()));
            }

            @Override
            public String leftOver(GoodKind.LeftPiece piece) {
                return words.text("good.left-over");
            }

            @Override
            public String copies(GoodKind.PatternCopy copies) {
                return words.text("good.copies");
            }

            @Override
            public String notion(GoodKind.Notion notion) {
                return words.text("notion." + notion.sort().code());
            }
        });
    }
}
