package retazo.app.shelf;

import static java.util.Objects.requireNonNull;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.pictures.QuiltPicture;
import retazo.app.runs.BagShelf;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.RunBook;
import retazo.app.shared.LengthView;
import retazo.app.shared.Moments;
import retazo.app.shared.Words;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;

/** Puts one bag together as it is found by its number: where it is, and from which bolts and lots it was cut. */
@Component
class BagPages {

    private final BagShelf shelf;
    private final RunBook runs;
    private final KitBook kits;
    private final StockService stock;
    private final FabricService fabrics;
    private final Words words;
    private final Clock clock;

    BagPages(
            BagShelf shelf, RunBook runs, KitBook kits, StockService stock, FabricService fabrics, Words words, Clock clock) {
        this.shelf = shelf;
        this.runs = runs;
        this.kits = kits;
        this.stock = stock;
        this.fabrics = fabrics;
        this.words = words;
        this.clock = clock;
    }

    /** A length of the bag, and where it comes from; empty while it is not cut. */
    record Cloth(Fabric fabric, LengthView length, Optional<Bolt> bolt) {
    }

    /**
     * The page.
     *
     * @param state where it is, in words
     */
    record BagPage(
            Bag bag, Kit kit, QuiltPicture picture, String state, boolean there, boolean sold, boolean missing, List<Cloth> cloth) {

        List<Fabric> prints() {
            return Stream.concat(kit.fabrics().values().stream(), cloth.stream().map(Cloth::fabric)).distinct().toList();
        }
    }

    @Transactional(readOnly = true)
    BagPage bag(long bagId) {
        Bag bag = runs.bag(bagId);
        Kit kit = kits.kit(bag.kitId());
        Optional<BagShelf.ShelfBag> packed = shelf.packed(bagId);
        Map<Long, Bolt> bolts = stock.boltsById(
                bag.lines().stream().filter(Bag.ClothLine::isCut).flatMap(line -> line.cut().stream()).map(PlannedCut::boltId)
                        .collect(Collectors.toSet()));
        Map<Long, Fabric> byId = fabrics.byIds(bag.lines().stream().map(Bag.ClothLine::fabricId).collect(Collectors.toSet()));
        return new BagPage(
                bag, kit, QuiltPicture.of("quilt", kit.pattern().design(), kit.size(), kit::ink), state(bag, packed),
                packed.filter(BagShelf.ShelfBag::isThere).isPresent(), packed.filter(one -> !one.isThere()).isPresent(),
                packed.filter(BagShelf.ShelfBag::missing).isPresent(),
                bag.lines().stream().map(line -> new Cloth(
                        requireNonNull(byId.get(line.fabricId())), LengthView.of(line.length(), words.sellingUnit()),
                        line.cut().filter(cut -> line.isCut()).map(cut -> requireNonNull(bolts.get(cut.boltId()))))).toList());
    }

    private String state(Bag bag, Optional<BagShelf.ShelfBag> packed) {
        if (packed.isEmpty()) {
            return words.text(bag.leftOut() ? "shelf.bag.left-out" : "shelf.bag.open");
        }
        return packed.get().soldAt()
                .map(at -> words.text(packed.get().missing() ? "shelf.bag.missing" : "shelf.bag.sold", Moments.near(at, clock.instant())))
                .orElseGet(() -> words.text("shelf.bag.there", Moments.near(packed.get().packedAt(), clock.instant())));
    }
}
