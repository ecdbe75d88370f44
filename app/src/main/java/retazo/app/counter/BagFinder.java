package retazo.app.counter;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.possible.KitPrices;
import retazo.app.runs.BagShelf;
import retazo.app.shared.Moments;
import retazo.app.shared.Words;

/** Finds a packed bag by its number. */
@Component
class BagFinder {

    private final BagShelf shelf;
    private final KitBook kits;
    private final KitPrices prices;
    private final MoreOfLots lots;
    private final BagOptions options;
    private final Words words;
    private final Clock clock;

    BagFinder(BagShelf shelf, KitBook kits, KitPrices prices, MoreOfLots lots, BagOptions options, Words words, Clock clock) {
        this.lots = lots;
        this.options = options;
        this.shelf = shelf;
        this.kits = kits;
        this.prices = prices;
        this.words = words;
        this.clock = clock;
    }

    Optional<CounterAnswer.BagFound> named(String code) {
        return shelf.named(code).flatMap(shelf::packed).map(bag -> {
            Kit kit = kits.kit(bag.kitId());
            List<MoreOfLots.OfLot> left = lots.of(bag.id());
            return new CounterAnswer.BagFound(
                    bag, kit, state(bag), prices.of(List.of(kit)).price(kit), left,
                    bag.isThere() ? options.of(kit, left) : List.of());
        });
    }

    private String state(BagShelf.ShelfBag bag) {
        return bag.soldAt().map(at -> words.text(bag.missing() ? "shelf.bag.missing" : "shelf.bag.sold", Moments.near(at, clock.instant())))
                .or(() -> bag.aside().map(aside -> words.text("counter.bag.aside", aside.name())))
                .orElseGet(() -> words.text("shelf.bag.there", Moments.near(bag.packedAt(), clock.instant())));
    }
}
