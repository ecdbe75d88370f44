package retazo.app.counter;

import static java.util.Objects.requireNonNull;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.kits.index.KitIndex;
import retazo.app.kits.index.KitTitle;
import retazo.app.runs.BagShelf;
import retazo.app.sales.LengthAside;
import retazo.app.sales.LengthAsides;
import retazo.app.shared.Moments;
import retazo.app.wishes.Wish;
import retazo.app.wishes.Wishes;

/** What stands beside the field: the customer who is there, what is put aside and asked for, and what was sold last. */
@Component
class CounterSide {

    private static final int ASIDE_SHOWN = 30;
    private static final int WISHES_SHOWN = 30;

    private final CustomerSide customers;
    private final BagShelf shelf;
    private final LengthAsides lengths;
    private final AsideWords asideWords;
    private final Wishes wishes;
    private final KitIndex kits;
    private final Clock clock;

    CounterSide(
            CustomerSide customers, BagShelf shelf, LengthAsides lengths, AsideWords asideWords, Wishes wishes, KitIndex kits,
            Clock clock) {
        this.customers = customers;
        this.shelf = shelf;
        this.lengths = lengths;
        this.asideWords = asideWords;
        this.wishes = wishes;
        this.kits = kits;
        this.clock = clock;
    }

    /**
     * The whole side.
     *
     * @param more whether more may be put aside or asked for than is shown
     */
    record Side(CustomerSide.Customer customer, List<AsideView> aside, List<WishView> wishes, boolean more) {
    }

    /**
     * A bag or a length that is put aside.
     *
     * @param code  of the bag, or of the bolt
     * @param what  the kit, or the length and its fabric
     * @param path  where it is given and let go, below {@code /counter}
     * @param until the day, in words; empty for one without
     * @param late  whether the day is over
     */
    record AsideView(String code, String what, String path, String name, String until, boolean late) {
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
        List<BagShelf.ShelfBag> bags = shelf.aside(ASIDE_SHOWN);
        List<LengthAside> cloth = lengths.waiting(ASIDE_SHOWN);
        List<Wish> open = wishes.open(WISHES_SHOWN);
        Set<Long> kitIds = Stream.concat(bags.stream().map(BagShelf.ShelfBag::kitId), open.stream().map(Wish::kitId))
                .collect(Collectors.toSet());
        Map<Long, KitTitle> titles = kitIds.isEmpty() ? Map.of() : kits.titles(kitIds);
        Map<Long, BagShelf.ShelfBag> there = open.isEmpty() ? Map.of() : shelf.oldest(open.stream().map(Wish::kitId).distinct().toList());
        return new Side(
                customers.of(personId),
                Stream.concat(bags.stream().map(bag -> aside(bag, titles)), asideWords.of(cloth).stream().map(this::aside)).toList(),
                open.stream().map(wish -> new WishView(
                        wish.id(), wish.kitId(), wish.bags(), requireNonNull(titles.get(wish.kitId())).name(), wish.name(),
                        there.containsKey(wish.kitId()))).toList(),
                bags.size() == ASIDE_SHOWN || cloth.size() == ASIDE_SHOWN || open.size() == WISHES_SHOWN);
    }

    private AsideView aside(BagShelf.ShelfBag bag, Map<Long, KitTitle> titles) {
        return bag.aside().map(aside -> new AsideView(
                bag.code(), requireNonNull(titles.get(bag.kitId())).name(), "/counter/bags/" + bag.code(), aside.name(),
                day(aside.until()), isLate(aside.until()))).orElseThrow();
    }

    private AsideView aside(AsideWords.Said one) {
        return new AsideView(
                one.bolt(), one.what(), "/counter/lengths/" + one.aside().id(), one.aside().name(), day(one.aside().until()),
                isLate(one.aside().until()));
    }

    private static String day(Optional<LocalDate> until) {
        return until.map(Moments::day).orElse("");
    }

    private boolean isLate(Optional<LocalDate> until) {
        LocalDate today = Moments.today(clock);
        return until.filter(day -> day.isBefore(today)).isPresent();
    }
}
