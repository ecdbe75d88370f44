package retazo.app.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
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
import retazo.app.packing.PackingService;
import retazo.app.runs.Bag;
import retazo.app.runs.PlannedCut;
import retazo.app.runs.RunService;
import retazo.app.runs.RunState;
import retazo.app.stock.Bolt;
import retazo.app.stock.Book;
import retazo.app.stock.KitShelf;
import retazo.app.stock.Reason;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;

/** Cutting on the real database. One bag of the sample kit takes 40 1/2 in. */
@Tag("slow")
@ExtendWith(TestShop.class)
class CutServiceTest {

    private static final long CUTTER = 3;
    private static final Length BAG = Length.ofInches(81, 2);

    private final Samples samples;
    private final CutService cuts;
    private final RunService runs;
    private final StockService stock;
    private final KitShelf shelf;
    private final PackingService packing;

    CutServiceTest(TestShop.Shop shop, CutService cuts, RunService runs, StockService stock, KitShelf shelf,
            PackingService packing) {
        this.samples = new Samples(shop);
        this.cuts = cuts;
        this.runs = runs;
        this.stock = stock;
        this.shelf = shelf;
        this.packing = packing;
    }

    @Test
    void confirming_reserves_and_cutting_takes_from_hand_and_reservation() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "3 yd");
        long run = samples.run(samples.kit(fabric), 2);

        assertThat(stock.bolt(bolt).reserved()).isEqualTo(Length.ofInches(81));
        assertThat(result(step(first(run)))).isEqualTo("recorded");

        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(135, 2));
        assertThat(stock.bolt(bolt).reserved()).isEqualTo(BAG);
        assertThat(runs.run(run).state()).isEqualTo(RunState.CUTTING);
    }

    @Test
    void a_draft_reserves_nothing() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "3 yd");

        samples.bean(retazo.app.runs.RunDrafts.class).draft(List.of(new retazo.app.runs.Run.Asked(samples.kit(fabric), 2)), 1);

        assertThat(stock.bolt(bolt).reserved()).isEqualTo(Length.ZERO);
    }

    @Test
    void the_same_step_sent_twice_counts_once_and_another_is_told_who_was_first() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "3 yd");
        PlannedCut cut = first(samples.run(samples.kit(fabric), 1));
        CutStep step = step(cut);

        assertThat(result(step)).isEqualTo("recorded");
        assertThat(result(step)).isEqualTo("recorded");
        assertThat(result(step(cut))).isEqualTo("cut.already");

        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(135, 2));
    }

    @Test
    void two_cutters_at_the_same_cut_at_once_count_once() throws Exception {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "40 1/2 in");
        PlannedCut cut = first(samples.run(samples.kit(fabric), 1));
        CyclicBarrier together = new CyclicBarrier(2);
        Callable<String> confirm = () -> {
            together.await();
            return result(step(cut));
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
    void a_length_that_is_too_short_asks_then_becomes_a_remnant_and_the_bag_is_planned_again() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "3 yd");
        long run = samples.run(samples.kit(fabric), 2);
        PlannedCut cut = first(run);

        assertThat(result(shortStep(cut, "36 in", null))).isEqualTo("short");
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(108));
        assertThat(result(shortStep(cut, "36 in", CutStep.Fate.REMNANT))).isEqualTo("recorded");

        // 108 - 36 = 72 in: room for one bag of 40 1/2, the other waits.
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(72));
        assertThat(bags(run)).extracting(Bag::waits).containsExactlyInAnyOrder(true, false);
        List<Bolt> all = stock.boltsOf(List.of(fabric.id()));
        assertThat(all).extracting(Bolt::onHand).containsExactlyInAnyOrder(Length.ofInches(72), Length.ofInches(36));
        assertThat(runs.run(run).planVersion()).isEqualTo(2);
    }

    @Test
    void an_old_ticket_books_nothing_and_says_so() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "3 yd");
        long run = samples.run(samples.kit(fabric), 2);
        PlannedCut cut = first(run);
        CutStep old = step(cut);
        result(shortStep(cut, "10 in", CutStep.Fate.WASTE));

        assertThat(result(old)).isEqualTo("old 1 of 2");

        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(98));
        assertThat(bags(run)).noneMatch(Bag::waits);
    }

    @Test
    void finished_cuts_stay_when_the_rest_is_planned_again() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "3 yd");
        long run = samples.run(samples.kit(fabric), 2);
        PlannedCut done = first(run);
        result(step(done));

        PlannedCut second = first(run);
        result(shortStep(second, "12 in", CutStep.Fate.WASTE));

        assertThat(runs.plannedCut(done.id()).state()).isEqualTo(PlannedCut.State.CUT);
        assertThat(bags(run).get(done.bagNumber() - 1).allCut()).isTrue();
        assertThat(runs.plannedCut(second.id()).state()).isEqualTo(PlannedCut.State.SUPERSEDED);
    }

    @Test
    void what_the_book_says_is_impossible_is_refused_and_then_booked_with_its_correction() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "40 1/2 in");
        PlannedCut cut = first(samples.run(samples.kit(fabric), 1));
        CutStep tooLong = withReal(cut, "42 in", Optional.empty(), false);

        assertThat(result(tooLong)).isEqualTo("stock.not-enough, book");
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(BAG);
        assertThat(stock.bolt(bolt).reserved()).isEqualTo(BAG);
        assertThat(result(withReal(cut, "42 in", Optional.empty(), true))).isEqualTo("recorded");

        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ZERO);
        assertThat(stock.linesOf(bolt, 9)).extracting(line -> line.reason()).containsExactly(
                Reason.CUT_FOR_RUN, Reason.CORRECTION, Reason.RECEIVED);
        assertThat(stock.linesOf(bolt, 9).get(1).note()).contains("longer");
    }

    @Test
    void a_flaw_makes_two_lengths_and_the_good_one_before_it_is_used() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "90 in");
        long run = samples.run(samples.kit(fabric), 2);
        PlannedCut cut = first(run);

        cuts.recordFlaw(step(cut), Length.ofInches(42), Length.ofInches(3), CUTTER);

        // 42 in before the flaw is a bolt of its own, 90 - 45 = 45 in stay: each gives one bag.
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(45));
        assertThat(bags(run)).noneMatch(Bag::waits);
        assertThat(runs.currentCuts(Set.of(run))).extracting(PlannedCut::boltId).doesNotHaveDuplicates();
    }

    @Test
    void a_bolt_that_is_shorter_than_its_tag_stops_the_bag_that_no_longer_fits() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "90 in");
        long run = samples.run(samples.kit(fabric), 2);

        cuts.recordMeasured(step(first(run)), Length.ofInches(80), CUTTER);

        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(80));
        assertThat(bags(run)).extracting(Bag::waits).containsExactly(false, true);
        assertThat(stock.bolt(bolt).reserved()).isEqualTo(BAG);
    }

    @Test
    void the_last_cut_is_taken_back_but_not_once_its_bag_is_packed() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "90 in");
        long run = samples.run(samples.kit(fabric), 1);
        PlannedCut cut = first(run);
        result(step(cut));

        Samples.done(cuts.undoLast(run, bolt, UUID.randomUUID(), CUTTER));

        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(90));
        assertThat(stock.bolt(bolt).reserved()).isEqualTo(BAG);
        assertThat(runs.plannedCut(cut.id()).state()).isEqualTo(PlannedCut.State.PLANNED);

        result(step(cut));
        Bag bag = bags(run).get(0);
        packing.tick(bag.id(), bag.lines().get(0).id(), 4);
        Samples.done(packing.done(bag.id(), 4));
        String refused = cuts.undoLast(run, bolt, UUID.randomUUID(), CUTTER).match(done -> "done", problems -> problems.get(0).code());
        assertThat(refused).isEqualTo("cut.bag-packed");
    }

    @Test
    void a_double_tap_on_take_it_back_takes_back_one_cut() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "90 in");
        long run = samples.run(samples.kit(fabric), 2);
        result(step(first(run)));
        result(step(first(run)));
        UUID once = UUID.randomUUID();

        Samples.done(cuts.undoLast(run, bolt, once, CUTTER));
        Samples.done(cuts.undoLast(run, bolt, once, CUTTER));

        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(99, 2));
        assertThat(bags(run)).extracting(Bag::allCut).containsExactly(true, false);
    }

    @Test
    void a_short_cut_taken_back_gives_its_bag_the_bolt_again() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "45 in");
        long run = samples.run(samples.kit(fabric), 1);
        result(shortStep(first(run), "36 in", CutStep.Fate.REMNANT));
        assertThat(bags(run).get(0).waits()).isTrue();

        Samples.done(cuts.undoLast(run, bolt, UUID.randomUUID(), CUTTER));

        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(45));
        assertThat(bags(run).get(0).waits()).isFalse();
        assertThat(Book.itemsThatDiffer(samples.shop())).isZero();
    }

    @Test
    void cloth_sold_from_under_a_run_plans_it_again() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "90 in");
        long run = samples.run(samples.kit(fabric), 2);

        Samples.done(stock.take(bolt, Length.ofInches(36), Reason.SOLD_BY_LENGTH, Samples.entry()));

        assertThat(bags(run)).extracting(Bag::waits).containsExactly(false, true);
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

        assertThat(bags(older)).noneMatch(Bag::waits);
        assertThat(bags(newer)).allMatch(Bag::waits);
    }

    @Test
    void a_bag_is_done_only_with_every_line_cut_and_ticked() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "90 in");
        long kit = samples.kit(fabric);
        long run = samples.run(kit, 1);
        Bag bag = bags(run).get(0);
        long line = bag.lines().get(0).id();

        assertThat(problem(packing.tick(bag.id(), line, 4))).isEqualTo("pack.not-cut");
        result(step(first(run)));
        assertThat(problem(packing.done(bag.id(), 4))).isEqualTo("pack.missing");
        Samples.done(packing.tick(bag.id(), line, 4));
        Samples.done(packing.tick(bag.id(), line, 4));
        Samples.done(packing.done(bag.id(), 4));
        Samples.done(packing.done(bag.id(), 4));

        assertThat(shelf.counts().get(kit).onHand()).isEqualTo(1);
        assertThat(runs.run(run).state()).isEqualTo(RunState.PACKED);
    }

    @Test
    void leaving_out_what_is_not_begun_frees_its_cloth() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "90 in");
        long run = samples.run(samples.kit(fabric), 2);
        result(step(first(run)));

        Samples.done(runs.leaveOutRest(run));

        assertThat(stock.bolt(bolt).reserved()).isEqualTo(Length.ZERO);
        assertThat(runs.run(run).state()).isEqualTo(RunState.CUT);
    }

    private static String problem(retazo.app.shared.Outcome<?> outcome) {
        return outcome.match(done -> "done", problems -> problems.get(0).code());
    }

    private String result(CutStep step) {
        return cuts.record(step, CUTTER).match(
                recorded -> "recorded",
                old -> "old " + old.ticketPlan() + " of " + old.newestPlan(),
                refused -> refused.problem().code() + (refused.bookSaysNo() ? ", book" : ""),
                isShort -> "short");
    }

    private PlannedCut first(long run) {
        return runs.currentCuts(Set.of(run)).stream()
                .filter(cut -> cut.state() == PlannedCut.State.PLANNED)
                .min(Comparator.comparing(PlannedCut::position))
                .orElseThrow();
    }

    private List<Bag> bags(long run) {
        return runs.bags(Set.of(run)).get(run);
    }

    private static CutStep step(PlannedCut cut) {
        return new CutStep(
                cut.runId(), cut.boltId(), cut.id(), cut.planVersion(), UUID.randomUUID(), Optional.empty(), Optional.empty(), false);
    }

    private static CutStep shortStep(PlannedCut cut, String real, CutStep.Fate fate) {
        return withReal(cut, real, Optional.ofNullable(fate), false);
    }

    private static CutStep withReal(PlannedCut cut, String real, Optional<CutStep.Fate> fate, boolean longer) {
        return new CutStep(
                cut.runId(), cut.boltId(), cut.id(), cut.planVersion(), UUID.randomUUID(), Optional.of(Length.parse(real)), fate, longer);
    }
}
