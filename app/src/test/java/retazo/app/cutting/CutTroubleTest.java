package retazo.app.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.RunBook;
import retazo.app.stock.Bolt;
import retazo.app.stock.Book;
import retazo.app.stock.Reason;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;

/** Cuts that go wrong, bolts that are not what the book says, cloth that is sold meanwhile. One bag of the sample kit takes 40 1/2 in. */
@Tag("slow")
@ExtendWith(TestShop.class)
class CutTroubleTest {

    private static final long CUTTER = CutSamples.CUTTER;
    private static final Length BAG = Length.ofInches(81, 2);

    private final Samples samples;
    private final CutService cuts;
    private final RunBook runs;
    private final StockService stock;
    private final CutSamples tickets;

    CutTroubleTest(TestShop.Shop shop, CutService cuts, RunBook runs, StockService stock) {
        this.samples = new Samples(shop);
        this.cuts = cuts;
        this.runs = runs;
        this.stock = stock;
        this.tickets = new CutSamples(cuts, runs);
    }

    /** 100 in typed for 40 1/2: nothing is booked before somebody says that it is right. */
    @Test
    void a_length_far_from_what_was_asked_is_asked_again() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "4 yd");
        PlannedCut cut = tickets.first(samples.run(samples.kit(fabric), 1));

        assertThat(tickets.result(CutSamples.withReal(cut, "100 in", Optional.empty(), false))).isEqualTo("cut.far");
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofYards(4, 1));
        assertThat(tickets.result(CutSamples.withReal(cut, "45 in", Optional.empty(), false))).isEqualTo("recorded");
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(99));
    }

    @Test
    void a_length_far_from_what_was_asked_is_booked_when_it_is_right() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "4 yd");
        PlannedCut cut = tickets.first(samples.run(samples.kit(fabric), 1));

        assertThat(tickets.result(CutSamples.sureOf(cut, "100 in"))).isEqualTo("recorded");
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(44));
    }

    @Test
    void a_length_that_is_too_short_asks_then_becomes_a_remnant_and_the_bag_is_planned_again() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "3 yd");
        long run = samples.run(samples.kit(fabric), 2);
        PlannedCut cut = tickets.first(run);

        assertThat(tickets.result(CutSamples.shortStep(cut, "36 in", null))).isEqualTo("short");
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(108));
        assertThat(tickets.result(CutSamples.shortStep(cut, "36 in", CutStep.Fate.REMNANT))).isEqualTo("recorded");
        samples.plannedAgain();

        // 108 - 36 = 72 in: room for one bag of 40 1/2, the other waits.
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(72));
        assertThat(tickets.bags(run)).extracting(Bag::waits).containsExactlyInAnyOrder(true, false);
        List<Bolt> all = stock.boltsOf(List.of(fabric.id()));
        assertThat(all).extracting(Bolt::onHand).containsExactlyInAnyOrder(Length.ofInches(72), Length.ofInches(36));
        assertThat(runs.run(run).planVersion()).isEqualTo(2);
    }

    @Test
    void an_old_ticket_books_nothing_and_says_so() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "3 yd");
        long run = samples.run(samples.kit(fabric), 2);
        PlannedCut cut = tickets.first(run);
        CutStep old = CutSamples.step(cut);
        tickets.result(CutSamples.shortStep(cut, "10 in", CutStep.Fate.WASTE));
        samples.plannedAgain();

        assertThat(tickets.result(old)).isEqualTo("old 1 of 2");

        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(98));
        assertThat(tickets.bags(run)).noneMatch(Bag::waits);
    }

    @Test
    void finished_cuts_stay_when_the_rest_is_planned_again() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "3 yd");
        long run = samples.run(samples.kit(fabric), 2);
        PlannedCut done = tickets.first(run);
        tickets.result(CutSamples.step(done));

        PlannedCut second = tickets.first(run);
        tickets.result(CutSamples.shortStep(second, "12 in", CutStep.Fate.WASTE));
        samples.plannedAgain();

        assertThat(runs.plannedCut(done.id()).state()).isEqualTo(PlannedCut.State.CUT);
        assertThat(tickets.bags(run).get(done.bagNumber() - 1).allCut()).isTrue();
        assertThat(runs.plannedCut(second.id()).state()).isEqualTo(PlannedCut.State.SUPERSEDED);
    }

    @Test
    void what_the_book_says_is_impossible_is_refused_and_then_booked_with_its_correction() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "40 1/2 in");
        PlannedCut cut = tickets.first(samples.run(samples.kit(fabric), 1));
        CutStep tooLong = CutSamples.withReal(cut, "42 in", Optional.empty(), false);

        assertThat(tickets.result(tooLong)).isEqualTo("stock.not-enough, book");
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(BAG);
        assertThat(stock.bolt(bolt).reserved()).isEqualTo(BAG);
        assertThat(tickets.result(CutSamples.withReal(cut, "42 in", Optional.empty(), true))).isEqualTo("recorded");

        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ZERO);
        assertThat(stock.linesOf(bolt, 9)).extracting(line -> line.reason()).containsExactly(
                Reason.CUT_FOR_RUN, Reason.CORRECTION, Reason.RECEIVED);
        assertThat(stock.linesOf(bolt, 9).get(1).note()).contains("longer");
    }

    @Test
    void a_cut_further_in_leaves_what_is_in_front_as_a_bolt_of_its_own_and_can_be_taken_back() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "60 in");
        long run = samples.run(samples.kit(fabric), 1);
        PlannedCut cut = tickets.first(run);

        cuts.recordAside(CutSamples.step(cut), Length.ofInches(12), CUTTER);
        samples.plannedAgain();

        assertThat(stock.boltsOf(List.of(fabric.id()))).extracting(Bolt::onHand).containsExactly(Length.ofInches(48), Length.ofInches(12));
        assertThat(tickets.first(run).boltId()).isEqualTo(bolt);
        assertThat(cuts.undoLast(run, bolt, UUID.randomUUID(), CUTTER).<String>match(done -> "done", Object::toString)).isEqualTo("done");
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(60));
        CutResult tooMuch = cuts.recordAside(CutSamples.step(tickets.first(run)), Length.ofInches(60), CUTTER);
        assertThat(tooMuch).as("nobody is asked to book a cut instead").isInstanceOfSatisfying(
                CutResult.Refused.class, refused -> assertThat(refused.asks()).isEqualTo(TicketPage.Asks.NOTHING));
        assertThat(stock.bolt(bolt).onHand()).as("nothing would be left to cut").isEqualTo(Length.ofInches(60));
    }

    @Test
    void a_flaw_makes_two_lengths_and_the_good_one_before_it_is_used() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "90 in");
        long run = samples.run(samples.kit(fabric), 2);
        PlannedCut cut = tickets.first(run);

        cuts.recordFlaw(CutSamples.step(cut), Length.ofInches(42), Length.ofInches(3), CUTTER);
        samples.plannedAgain();

        // 42 in before the flaw is a bolt of its own, 90 - 45 = 45 in stay: each gives one bag.
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(45));
        assertThat(tickets.bags(run)).noneMatch(Bag::waits);
        assertThat(runs.currentCuts(Set.of(run))).extracting(PlannedCut::boltId).doesNotHaveDuplicates();
    }

    @Test
    void a_bolt_that_is_shorter_than_its_tag_stops_the_bag_that_no_longer_fits() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "90 in");
        long run = samples.run(samples.kit(fabric), 2);

        cuts.recordMeasured(CutSamples.step(tickets.first(run)), Length.ofInches(80), CUTTER);
        samples.plannedAgain();

        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(80));
        assertThat(tickets.bags(run)).extracting(Bag::waits).containsExactly(false, true);
        assertThat(stock.bolt(bolt).reserved()).isEqualTo(BAG);
    }

    @Test
    void a_short_cut_taken_back_gives_its_bag_the_bolt_again() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "45 in");
        long run = samples.run(samples.kit(fabric), 1);
        tickets.result(CutSamples.shortStep(tickets.first(run), "36 in", CutStep.Fate.REMNANT));
        samples.plannedAgain();
        assertThat(tickets.bags(run).get(0).waits()).isTrue();

        Samples.done(cuts.undoLast(run, bolt, UUID.randomUUID(), CUTTER));
        samples.plannedAgain();

        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(45));
        assertThat(tickets.bags(run).get(0).waits()).isFalse();
        assertThat(Book.itemsThatDiffer(samples.shop())).isZero();
    }

    @Test
    void cloth_sold_from_under_a_run_plans_it_again() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "90 in");
        long run = samples.run(samples.kit(fabric), 2);

        Samples.done(stock.take(bolt, Length.ofInches(36), Reason.SOLD_BY_LENGTH, Samples.entry()));
        samples.plannedAgain();

        assertThat(tickets.bags(run)).extracting(Bag::waits).containsExactly(false, true);
        assertThat(stock.bolt(bolt).reserved()).isEqualTo(BAG);
    }

    @Test
    void of_two_runs_on_a_bolt_the_newer_one_loses_cloth_that_is_sold() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "90 in");
        long kit = samples.kit(fabric);
        long older = samples.run(kit, 1);
        long newer = samples.run(kit, 1);

        Samples.done(stock.take(bolt, Length.ofInches(36), Reason.SOLD_BY_LENGTH, Samples.entry()));
        samples.plannedAgain();

        assertThat(tickets.bags(older)).noneMatch(Bag::waits);
        assertThat(tickets.bags(newer)).allMatch(Bag::waits);
    }
}
