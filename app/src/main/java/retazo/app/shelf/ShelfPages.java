package retazo.app.shelf;

import static java.util.Objects.requireNonNull;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.data.domain.Slice;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.index.KitIndex;
import retazo.app.kits.index.KitTitle;
import retazo.app.pictures.QuiltPicture;
import retazo.app.runs.BagShelf;
import retazo.app.runs.progress.KitDemand;
import retazo.app.shared.Words;
import retazo.app.stock.KitShelf;
import retazo.app.stock.StockService;
import retazo.app.stock.goods.CountLine;

/** Puts the shelf and the book of one kit together. */
@Component
class ShelfPages {

    private static final int BAGS_SHOWN = 60;
    private static final int LINES_OF_A_BOOK = 100;
    private static final int KITS_ON_A_PAGE = 40;

    private final KitIndex index;
    private final KitBook kits;
    private final StockService stock;
    private final KitShelf shelf;
    private final BagShelf bags;
    private final KitDemand demand;
    private final Words words;
    private final Clock clock;

    ShelfPages(KitIndex index, KitBook kits, StockService stock, KitShelf shelf, BagShelf bags, KitDemand demand, Words words,
            Clock clock) {
        this.index = index;
        this.kits = kits;
        this.stock = stock;
        this.shelf = shelf;
        this.bags = bags;
        this.demand = demand;
        this.words = words;
        this.clock = clock;
    }

    /**
     * A kit on the shelf.
     *
     * @param next the number of the bag that is there longest; empty where none has a number
     */
    record ShelfLine(Kit kit, long onHand, Optional<String> next) {
    }

    /**
     * A page of the kits on the shelf in whose names the words are.
     *
     * @param number of the page, from 0
     * @param more   whether another page follows
     */
    record ListPage(String search, List<ShelfLine> lines, int number, boolean more) {
    }

    /** A kit on the shelf with what is asked of it and its last movements. */
    record KitPage(
            Kit kit, QuiltPicture picture, long onHand, KitDemand.Demand demand, SoldWeeks weeks, List<BagShelf.ShelfBag> there,
            List<BagShelf.ShelfBag> sold, List<CountLine> book) {

        List<Fabric> prints() {
            return kit.fabrics().values().stream().distinct().toList();
        }
    }

    @Transactional(readOnly = true)
    ListPage list(String search, int page) {
        Slice<KitTitle> found = index.onShelf(search, page, KITS_ON_A_PAGE);
        List<Kit> shown = kits.inOrder(found.map(KitTitle::id).getContent());
        Map<Long, KitShelf.KitCount> counts = shelf.counts(shown.stream().map(Kit::id).toList());
        Map<Long, BagShelf.ShelfBag> oldest = bags.oldest(shown.stream().map(Kit::id).toList());
        return new ListPage(
                search,
                shown.stream()
                        .map(kit -> new ShelfLine(kit, requireNonNull(counts.get(kit.id())).onHand(),
                                Optional.ofNullable(oldest.get(kit.id())).map(BagShelf.ShelfBag::code)))
                        .toList(),
                page, found.hasNext());
    }

    /** Whether there is such a kit. */
    @Transactional(readOnly = true)
    boolean isKit(long kitId) {
        return !index.titles(List.of(kitId)).isEmpty();
    }

    @Transactional(readOnly = true)
    KitPage kit(long kitId) {
        Kit kit = kits.kit(kitId);
        Optional<KitShelf.KitCount> count = Optional.ofNullable(shelf.counts(List.of(kitId)).get(kitId));
        return new KitPage(
                kit, QuiltPicture.of("quilt", kit.pattern().design(), kit.size(), kit::ink),
                count.map(KitShelf.KitCount::onHand).orElse(0L),
                demand.of(List.of(kitId)).getOrDefault(kitId, KitDemand.Demand.NONE), SoldWeeks.of(demand.soldByWeek(kitId), words),
                bags.there(kitId, BAGS_SHOWN),
                bags.soldLast(kitId, BAGS_SHOWN),
                count.stream().flatMap(there -> stock.linesOf(there.stockItemId(), LINES_OF_A_BOOK).stream())
                        .map(line -> CountLine.of(line, words, clock.instant()))
                        .toList());
    }
}
