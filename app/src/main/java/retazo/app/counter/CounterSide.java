package retazo.app.counter;

import static java.util.Objects.requireNonNull;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.kits.index.KitIndex;
import retazo.app.kits.index.KitTitle;
import retazo.app.runs.BagShelf;
import retazo.app.sales.Sale;
import retazo.app.sales.Sales;
import retazo.app.shared.MoneyText;
import retazo.app.shared.Words;
import retazo.app.wishes.Wish;
import retazo.app.wishes.Wishes;

/** What stands beside the field: the customer who is there, what is put aside and asked for, and what was sold last. */
@Component
class CounterSide {

    private static final int ASIDE_SHOWN = 30;
    private static final int WISHES_SHOWN = 30;
    private static final int SOLD_SHOWN = 8;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);

    private final Sales sales;
    private final SoldWords sold;
    private final BagShelf shelf;
    private final Wishes wishes;
    private final KitIndex kits;
    private final Words words;
    private final Clock clock;

    CounterSide(Sales sales, SoldWords sold, BagShelf shelf, Wishes wishes, KitIndex kits, Words words, Clock clock) {
        this.sales = sales;
        this.sold = sold;
        this.shelf = shelf;
        this.wishes = wishes;
        this.kits = kits;
        this.words = words;
        this.clock = clock;
    }

    /**
     * The whole side.
     *
     * @param saleId of the open sale
     * @param total  of the prices that are known; empty where none is
     * @param lacks  how many lines have no price, in words; empty where all have one
     * @param more   whether more may be put aside or asked for than is shown
     */
    record Side(
            long saleId, List<SoldView> lines, String total, String lacks, List<AsideView> aside, List<WishView> wishes,
            List<SoldView> last,
            boolean more) {

        public boolean hasCustomer() {
            return !lines.isEmpty();
        }
    }

    /**
     * A bag that is put aside.
     *
     * @param until the day, in words; empty for one without
     * @param late  whether the day is over
     */
    record AsideView(String code, String kit, String name, String until, boolean late) {
    }

    /**
     * Bags that somebody waits for.
     *
     * @param ready whether a bag of it is on the shelf for anybody
     */
    record WishView(long id, long kitId, int bags, String kit, String name, boolean ready) {
    }

    @Transactional(readOnly = true)
    Side of(long personId) {
        Sale sale = sales.open(personId);
        List<BagShelf.ShelfBag> aside = shelf.aside(ASIDE_SHOWN);
        List<Wish> open = wishes.open(WISHES_SHOWN);
        Set<Long> kitIds = Stream.concat(aside.stream().map(BagShelf.ShelfBag::kitId), open.stream().map(Wish::kitId))
                .collect(Collectors.toSet());
        Map<Long, KitTitle> titles = kitIds.isEmpty() ? Map.of() : kits.titles(kitIds);
        Map<Long, BagShelf.ShelfBag> there = open.isEmpty() ? Map.of() : shelf.oldest(open.stream().map(Wish::kitId).distinct().toList());
        return new Side(
                sale.id(), sold.of(sale.standing()), sale.totals().stream().map(MoneyText::of).collect(Collectors.joining(" + ")),
                sale.unpriced() == 0 ? "" : words.text("counter.unpriced", sale.unpriced()),
                aside.stream().map(bag -> aside(bag, titles)).toList(),
                open.stream().map(wish -> new WishView(
                        wish.id(), wish.kitId(), wish.bags(), requireNonNull(titles.get(wish.kitId())).name(), wish.name(),
                        there.containsKey(wish.kitId()))).toList(),
                sold.of(sales.last(SOLD_SHOWN)), aside.size() == ASIDE_SHOWN || open.size() == WISHES_SHOWN);
    }

    private AsideView aside(BagShelf.ShelfBag bag, Map<Long, KitTitle> titles) {
        LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
        return bag.aside().map(aside -> new AsideView(
                bag.code(), requireNonNull(titles.get(bag.kitId())).name(), aside.name(), aside.until().map(DAY::format).orElse(""),
                aside.until().filter(day -> day.isBefore(today)).isPresent())).orElseThrow();
    }
}
