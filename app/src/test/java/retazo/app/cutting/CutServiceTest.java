package retazo.app.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.packing.BagItem;
import retazo.app.packing.PackingService;
import retazo.app.runs.RunDrops;
import retazo.app.runs.RunService;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.book.RunState;
import retazo.app.stock.Entry;
import retazo.app.stock.KitShelf;
import retazo.app.stock.Reason;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;

/** Cutting on the real database. One bag of the sample kit takes 40 1/2 in. */
@Tag("slow")
@ExtendWith(TestShop.class)
class CutServiceTest {

    private static final long CUTTER = CutSamples.CUTTER;
    private static final Length BAG = Length.ofInches(81, 2);

    private final Samples samples;
    private final CutService cuts;
    private final RunService runs;
    private final RunBook book;
    private final StockService stock;
    private final CutSamples tickets;
    private final KitShelf shelf;
    private final PackingService packing;

    CutServiceTest(TestShop.Shop shop, CutService cuts, RunService runs, RunBook book, StockService stock, KitShelf shelf,
            PackingService packing) {
        this.samples = new Samples(shop);
        this.cuts = cuts;
        this.runs = runs;
        this.book = book;
        this.stock = stock;
        this.tickets = new CutSamples(cuts, book);
        this.shelf = shelf;
        this.packing = packing;
    }

    @Test
    void confirming_reserves_and_cutting_takes_from_hand_and_reservation() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "3 yd");
        long run = samples.run(samples.kit(fabric), 2);

        assertThat(stock.bolt(bolt).reserved()).isEqualTo(Length.ofInches(81));
        assertThat(tickets.result(CutSamples.step(tickets.first(run)))).isEqualTo("recorded");

        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(135, 2));
        assertThat(stock.bolt(bolt).reserved()).isEqualTo(BAG);
        assertThat(book.run(run).state()).isEqualTo(RunState.CUTTING);
    }

    @Test
    void a_draft_reserves_nothing() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "3 yd");

        samples.bean(retazo.app.runs.RunDrafts.class).draft(List.of(new retazo.app.runs.book.Run.Asked(samples.kit(fabric), 2)), 1);

        assertThat(stock.bolt(bolt).reserved()).isEqualTo(Length.ZERO);
    }

    @Test
    void the_same_step_sent_twice_counts_once_and_another_is_told_who_was_first() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "3 yd");
        PlannedCut cut = tickets.first(samples.run(samples.kit(fabric), 1));
        CutStep step = CutSamples.step(cut);

        assertThat(tickets.result(step)).isEqualTo("recorded");
        assertThat(tickets.result(step)).isEqualTo("recorded");
        assertThat(tickets.result(CutSamples.step(cut))).isEqualTo("cut.already");

        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(135, 2));
    }

    /** One id for measuring and for cutting: the cut is refused, and neither marked nor booked; with an id of its own it is both. */
    @Test
    void a_cut_under_an_id_that_stands_for_something_else_is_neither_marked_nor_booked() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "3 yd");
        PlannedCut cut = tickets.first(samples.run(samples.kit(fabric), 1));
        CutStep step = CutSamples.step(cut);
        cuts.recordMeasured(step, Length.ofInches(100), CUTTER);

        assertThat(tickets.result(step)).isEqualTo("entry.of-something-else");

        assertThat(book.plannedCut(cut.id()).state()).isEqualTo(PlannedCut.State.PLANNED);
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(100));
        assertThat(tickets.result(CutSamples.step(cut))).isEqualTo("recorded");
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(119, 2));
    }

    /** Cut, taken back and planned anew meanwhile: who sends the first cut again is told that it was recorded, and nothing is cut again. */
    @Test
    void a_retried_cut_is_told_that_it_was_recorded_whatever_came_of_it_since() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "3 yd");
        long run = samples.run(samples.kit(fabric), 1);
        CutStep step = CutSamples.step(tickets.first(run));
        tickets.result(step);
        Samples.done(cuts.undoLast(run, bolt, UUID.randomUUID(), CUTTER));

        assertThat(tickets.result(step)).isEqualTo("recorded");

        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(108));
    }

    /** What the counter books under an id that could be made of a bag's number does not keep the bag from the shelf. */
    @Test
    void a_bag_is_packed_under_an_id_that_nobody_can_make() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "3 yd");
        long kit = samples.kit(fabric);
        long run = samples.run(kit, 1);
        tickets.result(CutSamples.step(tickets.first(run)));
        Bag bag = tickets.bags(run).get(0);
        Samples.done(packing.tick(bag.id(), BagItem.line(bag.lines().get(0).id()), 4));
        UUID guessed = UUID.nameUUIDFromBytes(("bag/" + bag.id()).getBytes(java.nio.charset.StandardCharsets.UTF_8));
        Samples.done(stock.take(samples.bolt(fabric, "2 yd"), Length.ofInches(9), Reason.SOLD_BY_LENGTH, Entry.of(5, guessed)));

        Samples.done(packing.done(bag.id(), 4));

        assertThat(shelf.counts(List.of(kit)).get(kit).onHand()).isEqualTo(1);
    }

    @Test
    void two_cutters_at_the_same_cut_at_once_count_once() throws Exception {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "40 1/2 in");
        PlannedCut cut = tickets.first(samples.run(samples.kit(fabric), 1));
        CyclicBarrier together = new CyclicBarrier(2);
        Callable<String> confirm = () -> {
            together.await();
            return tickets.result(CutSamples.step(cut));
        };
        ExecutorService two = Executors.newFixedThreadPool(2);

        List<String> answers = new ArrayList<>();
        for (Future<String> one : two.invokeAll(List.of(confirm, confirm))) {
            answers.add(one.get());
        }

        two.shutdown();
        assertThat(answers).containsExactlyInAnyOrder("recorded", "cut.already");
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ZERO);
    }

    @Test
    void the_last_cut_is_taken_back_but_not_once_its_bag_is_packed() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "90 in");
        long run = samples.run(samples.kit(fabric), 1);
        PlannedCut cut = tickets.first(run);
        tickets.result(CutSamples.step(cut));

        Samples.done(cuts.undoLast(run, bolt, UUID.randomUUID(), CUTTER));

        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(90));
        assertThat(stock.bolt(bolt).reserved()).isEqualTo(BAG);
        assertThat(book.plannedCut(cut.id()).state()).isEqualTo(PlannedCut.State.PLANNED);

        tickets.result(CutSamples.step(cut));
        Bag bag = tickets.bags(run).get(0);
        packing.tick(bag.id(), BagItem.line(bag.lines().get(0).id()), 4);
        Samples.done(packing.done(bag.id(), 4));
        String refused = cuts.undoLast(run, bolt, UUID.randomUUID(), CUTTER).match(done -> "done", problems -> problems.get(0).code());
        assertThat(refused).isEqualTo("cut.bag-packed");
    }

    @Test
    void a_double_tap_on_take_it_back_takes_back_one_cut() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "90 in");
        long run = samples.run(samples.kit(fabric), 2);
        tickets.result(CutSamples.step(tickets.first(run)));
        tickets.result(CutSamples.step(tickets.first(run)));
        UUID once = UUID.randomUUID();

        Samples.done(cuts.undoLast(run, bolt, once, CUTTER));
        Samples.done(cuts.undoLast(run, bolt, once, CUTTER));

        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(99, 2));
        assertThat(tickets.bags(run)).extracting(Bag::allCut).containsExactly(true, false);
    }

    @Test
    void a_bag_is_done_only_with_every_line_cut_and_ticked() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "90 in");
        long kit = samples.kit(fabric);
        long run = samples.run(kit, 1);
        Bag bag = tickets.bags(run).get(0);
        long line = bag.lines().get(0).id();

        assertThat(CutSamples.problem(packing.tick(bag.id(), BagItem.line(line), 4))).isEqualTo("pack.not-cut");
        tickets.result(CutSamples.step(tickets.first(run)));
        assertThat(CutSamples.problem(packing.done(bag.id(), 4))).isEqualTo("pack.missing");
        Samples.done(packing.tick(bag.id(), BagItem.line(line), 4));
        Samples.done(packing.tick(bag.id(), BagItem.line(line), 4));
        Samples.done(packing.done(bag.id(), 4));
        Samples.done(packing.done(bag.id(), 4));

        assertThat(shelf.counts(List.of(kit)).get(kit).onHand()).isEqualTo(1);
        assertThat(book.run(run).state()).isEqualTo(RunState.PACKED);
    }

    @Test
    void leaving_out_what_is_not_begun_frees_its_cloth() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "90 in");
        long run = samples.run(samples.kit(fabric), 2);
        tickets.result(CutSamples.step(tickets.first(run)));

        Samples.done(samples.bean(RunDrops.class).dropNotBegun(run, 1));

        assertThat(stock.bolt(bolt).reserved()).isEqualTo(Length.ZERO);
        assertThat(book.run(run).state()).isEqualTo(RunState.CUT);
    }
}
