package retazo.app.demo;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import retazo.app.kits.index.KitIndex;
import retazo.app.kits.index.KitTitle;
import retazo.app.patterns.PatternVersion;
import retazo.app.runs.BagShelf;
import retazo.app.runs.book.BagEntity;
import retazo.app.sales.Sale;
import retazo.app.sales.Sales;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.app.wishes.Wishes;
import retazo.core.measure.Length;

/** An hour at the demo shop's counter: a customer who has paid, one who is there, a bag put aside, and one that is asked for. */
@Component
@Order(3)
class DemoCounter implements DemoUnderWay {

    private static final int DAYS_ASIDE = 4;

    private final DemoKits kits;
    private final KitIndex index;
    private final StockService stock;
    private final Sales sales;
    private final BagShelf shelf;
    private final Wishes wishes;

    DemoCounter(DemoKits kits, KitIndex index, StockService stock, Sales sales, BagShelf shelf, Wishes wishes) {
        this.kits = kits;
        this.index = index;
        this.stock = stock;
        this.sales = sales;
        this.shelf = shelf;
        this.wishes = wishes;
    }

    @Override
    public void fill(PatternVersion pattern, DemoRuns.Crew crew) {
        KitTitle there = index.shelfFirst("night lamp", 0, 1).getContent().get(0);
        List<BagShelf.ShelfBag> bags = shelf.there(there.id(), 2);
        sell("FOG", "2 1/2 yd", crew);
        Sale first = sales.open(crew.counter());
        DemoStock.done(sales.paid(crew.counter(), first.id(), first.standing().size()));
        sell("SEDGE", "3/4 yd", crew);
        DemoStock.done(shelf.putAside(
                bags.get(0).id(), new BagEntity.Aside("Ines", Optional.of(LocalDate.now().plusDays(DAYS_ASIDE))), crew.counter()));
        wishes.ask(UUID.randomUUID(), index.shelfFirst("morning sluice throw", 0, 1).getContent().get(0).id(), 1, "Jory", crew.counter());
    }

    private void sell(String code, String length, DemoRuns.Crew crew) {
        Length wanted = Length.parse(length);
        Bolt bolt = stock.boltsOf(List.of(kits.fabric(code).id())).stream().filter(one -> !wanted.isLongerThan(one.free())).findFirst()
                .orElseThrow();
        DemoStock.done(sales.sellLength(bolt.id(), wanted, false, DemoStock.entry(crew.counter())));
    }
}
