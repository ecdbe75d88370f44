package retazo.app.packing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.audit.BookAudit;
import retazo.app.cutting.CutService;
import retazo.app.fabrics.Fabric;
import retazo.app.runs.BagShelf;
import retazo.app.runs.Confirming;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.BagEntity;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.book.RunState;
import retazo.app.runs.progress.RunProgress;
import retazo.app.shared.Outcome;
import retazo.app.stock.Bolt;
import retazo.app.stock.Entry;
import retazo.app.stock.KitShelf;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/** Bags keep their number from the label to the sale and back. One bag of a sample kit takes 40 1/2 in of its fabric. */
@Tag("slow")
@ExtendWith(TestShop.class)
class BagNumbersTest {

    private final Samples samples;
    private final RunBook runs;
    private final BagShelf shelf;
    private final BagOpening opening;
    private final PackingService packing;
    private final StockService stock;
    private final TestShop.Shop shop;
    private final Fabric fabric;
    private final long kit;

    BagNumbersTest(TestShop.Shop shop, RunBook runs, BagShelf shelf, BagOpening opening, PackingService packing, StockService stock) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.runs = runs;
        this.shelf = shelf;
        this.opening = opening;
        this.packing = packing;
        this.stock = stock;
        this.fabric = samples.fabric();
        this.kit = samples.kit(fabric);
    }

    /** Of two bags one is sold, the same press twice; it cannot be sold again, comes back once, and not a second time. */
    @Test
    void a_bag_is_sold_once_and_comes_back_once() {
        List<Bag> bags = packed(2);
        Entry press = Samples.entry();

        Samples.done(shelf.sell(bags.get(0).id(), press));
        Samples.done(shelf.sell(bags.get(0).id(), press));

        assertThat(onShelf()).isEqualTo(1);
        assertThat(shelf.there(kit, 10)).extracting(BagShelf.ShelfBag::code).containsExactly(bags.get(1).code());
        assertThat(codes(shelf.sell(bags.get(0).id(), Samples.entry()))).containsExactly("shelf.not-there");
        assertThat(codes(shelf.takeBack(bags.get(1).id(), Samples.entry()))).containsExactly("shelf.not-sold");

        Samples.done(shelf.takeBack(bags.get(0).id(), Samples.entry()));

        assertThat(codes(shelf.takeBack(bags.get(0).id(), Samples.entry()))).containsExactly("shelf.not-sold");
        assertThat(onShelf()).isEqualTo(2);
        assertThat(shelf.named(" " + bags.get(0).code().toLowerCase() + " ")).contains(bags.get(0).id());
        assertThatBookAndStockAgree();
    }

    @Test
    void two_counters_sell_one_bag_once() throws Exception {
        Bag bag = packed(1).get(0);
        ExecutorService counters = Executors.newFixedThreadPool(2);
        List<Callable<Outcome<Long>>> presses = List.of(
                () -> shelf.sell(bag.id(), Samples.entry()), () -> shelf.sell(bag.id(), Samples.entry()));
        List<List<String>> answers = new ArrayList<>();
        for (Future<Outcome<Long>> answer : counters.invokeAll(presses)) {
            answers.add(codes(answer.get()));
        }
        counters.shutdown();

        assertThat(answers).containsExactlyInAnyOrder(List.of(), List.of("shelf.not-there"));
        assertThat(onShelf()).isZero();
        assertThatBookAndStockAgree();
    }

    /** "Done" was pressed too early: the bag is open again with its ticks, and done again it is on the shelf once, under its number. */
    @Test
    void a_packed_bag_is_opened_and_packed_again() {
        Bag bag = packed(1).get(0);
        Entry press = Samples.entry();

        Samples.done(opening.open(bag.id(), press));
        Samples.done(opening.open(bag.id(), press));

        assertThat(runs.bag(bag.id()).isOpen()).isTrue();
        assertThat(runs.run(bag.runId()).state()).isEqualTo(RunState.CUT);
        assertThat(onShelf()).isZero();
        assertThat(codes(opening.open(bag.id(), Samples.entry()))).containsExactly("pack.not-on-the-shelf");

        Samples.done(packing.done(bag.id(), 1));

        assertThat(runs.bag(bag.id()).code()).isEqualTo(bag.code());
        assertThat(onShelf()).isEqualTo(1);
        Samples.done(shelf.sell(bag.id(), Samples.entry()));
        assertThat(codes(opening.open(bag.id(), Samples.entry()))).containsExactly("pack.not-on-the-shelf");
        assertThat(onShelf()).isZero();
        assertThatBookAndStockAgree();
    }

    /**
     * Two bags of a bolt of 3 yd; the first is opened and taken apart: 40 1/2 in are a remnant of the bolt, and one bag is open in the run.
     * The remnant is long enough for it: taken up, it is cut from there.
     */
    @Test
    void a_bag_taken_apart_is_a_remnant_and_open_in_its_run() {
        Bag bag = packed(1).get(0);
        long bolt = bag.lines().get(0).cut().orElseThrow().boltId();
        leaveNothing(bolt);
        Samples.done(opening.open(bag.id(), Samples.entry()));

        assertThat(Samples.done(opening.takeApart(bag.id(), Samples.entry()))).isEqualTo(1);
        samples.plannedAgain();

        Bolt remnant = stock.boltsOf(List.of(fabric.id())).stream().filter(one -> one.parentCode().isPresent()).findFirst().orElseThrow();
        assertThat(remnant.onHand()).isEqualTo(Length.ofInches(81, 2));
        assertThat(remnant.lot()).isEqualTo(stock.bolt(bolt).lot());
        assertThat(runs.bag(bag.id()).leftOut()).isTrue();
        assertThat(runs.run(bag.runId()).state()).isEqualTo(RunState.WAITING);
        assertThat(samples.bean(RunProgress.class).open(Set.of(bag.runId())))
                .isEqualTo(Map.of(bag.runId(), List.of(new Run.Asked(kit, 1))));
        assertThat(codes(opening.takeApart(bag.id(), Samples.entry()))).containsExactly("pack.not-open");
        Samples.done(samples.bean(Confirming.class).takeUp(bag.runId(), List.of(1)));
        assertThat(runs.currentCuts(Set.of(bag.runId())).stream().filter(PlannedCut::isPlanned)).extracting(PlannedCut::boltId)
                .containsExactly(remnant.id());
        assertThatBookAndStockAgree();
    }

    @Test
    void a_bag_on_the_shelf_is_opened_for_its_cloth_once_and_not_when_it_is_sold_or_put_aside() {
        samples.bolt(fabric, "3 yd");
        List<Bag> bags = packed(3);
        Entry entry = Samples.entry();

        assertThat(Samples.done(opening.openForCloth(bags.get(0).id(), entry))).isEqualTo(1);
        assertThat(Samples.done(opening.openForCloth(bags.get(0).id(), entry))).as("sent twice").isEqualTo(1);
        Samples.done(shelf.sell(bags.get(1).id(), Samples.entry()));
        Samples.done(shelf.putAside(bags.get(2).id(), new BagEntity.Aside("Mara", Optional.empty()), 1));

        assertThat(codes(opening.openForCloth(bags.get(0).id(), Samples.entry()))).containsExactly("pack.not-on-the-shelf");
        assertThat(codes(opening.openForCloth(bags.get(1).id(), Samples.entry()))).containsExactly("pack.not-on-the-shelf");
        assertThat(opening.openForCloth(bags.get(2).id(), Samples.entry())).isInstanceOf(Outcome.Refused.class);
        assertThat(onShelf()).isEqualTo(1);
        assertThat(stock.boltsOf(List.of(fabric.id())).stream().filter(one -> one.parentCode().isPresent()))
                .extracting(Bolt::onHand).containsExactly(Length.ofInches(81, 2));
        assertThatBookAndStockAgree();
    }

    private void leaveNothing(long bolt) {
        Samples.done(stock.correct(bolt, Length.ofInches(2), Samples.entry()));
        samples.plannedAgain();
    }

    private List<Bag> packed(int count) {
        samples.bolt(fabric, "3 yd");
        long run = samples.run(kit, count);
        runs.currentCuts(Set.of(run)).forEach(cut -> samples.bean(CutService.class).confirm(cut.id(), UUID.randomUUID(), 1));
        List<Bag> bags = runs.bags(Set.of(run)).getOrDefault(run, List.of());
        for (Bag bag : bags) {
            bag.lines().forEach(line -> Samples.done(packing.tick(bag.id(), BagItem.line(line.id()), 1)));
            Samples.done(packing.done(bag.id(), 1));
        }
        return bags;
    }

    private long onShelf() {
        return Optional.ofNullable(samples.bean(KitShelf.class).counts(List.of(kit)).get(kit)).map(KitShelf.KitCount::onHand).orElse(0L);
    }

    private static List<String> codes(Outcome<Long> outcome) {
        return outcome.match(done -> List.of(), problems -> problems.stream().map(Problem::code).toList());
    }

    /** The check of the whole book finds nothing about a kit whose bags were opened, sold and brought back. */
    @Test
    void the_check_of_the_book_knows_opened_and_sold_bags() {
        List<Bag> bags = packed(2);
        Samples.done(opening.open(bags.get(0).id(), Samples.entry()));
        Samples.done(shelf.sell(bags.get(1).id(), Samples.entry()));

        assertThat(movementsSaid()).isEmpty();

        Samples.done(packing.done(bags.get(0).id(), 1));

        assertThat(movementsSaid()).isEmpty();
    }

    /** What the check says of movements of this kit. */
    private List<String> movementsSaid() {
        List<String> own = shop.database().sql(
                "SELECT 'movement ' || m.id FROM movement m JOIN stock_item i ON i.id = m.stock_item_id WHERE i.kit_id = ?")
                .param(kit).query(String.class).list();
        return samples.bean(BookAudit.class).differences().stream().filter(said -> own.stream().anyMatch(said::endsWith)).toList();
    }

    /** What the book says of the kit, of its fabric's bolts and of its bags is what is there. */
    private void assertThatBookAndStockAgree() {
        assertThat(shop.database().sql(
                "SELECT coalesce(sum(m.amount_count), 0) FROM movement m JOIN stock_item i ON i.id = m.stock_item_id WHERE i.kit_id = ?")
                .param(kit).query(Long.class).single()).isEqualTo(onShelf()).isEqualTo(shelf.there(kit, 100).size());
        assertThat(shop.database().sql("""
                SELECT i.id FROM stock_item i
                 WHERE i.fabric_id = ?
                   AND i.on_hand_ticks <> (SELECT sum(m.amount_ticks) FROM movement m WHERE m.stock_item_id = i.id)""").param(fabric.id())
                .query(Long.class).list()).isEmpty();
    }
}
