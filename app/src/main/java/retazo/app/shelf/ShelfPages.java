package retazo.app.shelf;

import static java.util.Objects.requireNonNull;

import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.pictures.QuiltPicture;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Words;
import retazo.app.stock.KitShelf;
import retazo.app.stock.StockService;
import retazo.app.stock.goods.CountLine;

/** Puts the shelf and the book of one kit together. */
@Component
class ShelfPages {

    private static final int LINES_OF_A_BOOK = 100;

    private final KitBook kits;
    private final StockService stock;
    private final KitShelf shelf;
    private final Words words;
    private final Clock clock;

    ShelfPages(KitBook kits, StockService stock, KitShelf shelf, Words words, Clock clock) {
        this.kits = kits;
        this.stock = stock;
        this.shelf = shelf;
        this.words = words;
        this.clock = clock;
    }

    /** A kit on the shelf. */
    record ShelfLine(Kit kit, QuiltPicture picture, long onHand) {
    }

    /** The kits on the shelf whose names have what was searched for. */
    record ListPage(String search, List<ShelfLine> lines) {

        List<Fabric> prints() {
            return lines.stream().flatMap(line -> line.kit().fabrics().values().stream()).distinct().toList();
        }
    }

    /** A kit on the shelf with its last movements. */
    record KitPage(Kit kit, QuiltPicture picture, long onHand, List<CountLine> book) {

        List<Fabric> prints() {
            return kit.fabrics().values().stream().distinct().toList();
        }
    }

    ListPage list(String search) {
        String lower = search.strip().toLowerCase(Locale.ROOT);
        Map<Long, KitShelf.KitCount> counts = shelf.counts();
        return new ListPage(search, kits.all().stream()
                .filter(kit -> counts.containsKey(kit.id()) && kit.name().toLowerCase(Locale.ROOT).contains(lower))
                .map(kit -> new ShelfLine(
                        kit, QuiltPicture.of("kit-" + kit.id(), kit.pattern().design(), kit.size(), kit::ink),
                        requireNonNull(counts.get(kit.id())).onHand()))
                .toList());
    }

    KitPage kit(long kitId) {
        Kit kit = kits.kit(kitId);
        KitShelf.KitCount count = Optional.ofNullable(shelf.counts().get(kitId))
                .orElseThrow(() -> new NotFoundException("kit on the shelf", kitId));
        return new KitPage(
                kit, QuiltPicture.of("quilt", kit.pattern().design(), kit.size(), kit::ink), count.onHand(),
                stock.linesOf(count.stockItemId(), LINES_OF_A_BOOK).stream()
                        .map(line -> CountLine.of(line, words, clock.instant()))
                        .toList());
    }
}
