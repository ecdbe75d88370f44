package retazo.app.runs;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.KitBook;
import retazo.app.kits.possible.PossibleKits;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.book.RunState;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.stock.NewBolt;
import retazo.app.stock.Reason;
import retazo.app.stock.StockService;
import retazo.core.bolt.search.Shortage;
import retazo.core.measure.Length;

/** Drafts and confirmation on the real database. One bag of the sample kit takes 40 1/2 in. */
@Tag("slow")
@ExtendWith(TestShop.class)
class RunDraftsTest {

    private final Samples samples;
    private final RunDrafts drafts;
    private final RunService runs;
    private final RunBook book;
    private final StockService stock;
    private final KitBook kits;

    RunDraftsTest(TestShop.Shop shop, RunDrafts drafts, RunService runs, RunBook book, StockService stock, KitBook kits) {
        this.samples = new Samples(shop);
        this.drafts = drafts;
        this.runs = runs;
        this.book = book;
        this.stock = stock;
        this.kits = kits;
    }

    /** Bolts of 85 and 60 in give 2 + 1 bags, not the 3.58 that their sum would. */
    @Test
    void kits_possible_counts_whole_cuts_bolt_by_bolt() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "85 in");
        samples.bolt(fabric, "60 in");

        var possible = samples.bean(PossibleKits.class).of(kits.kit(samples.kit(fabric)));

        assertThat(possible.bags().value()).isEqualTo(3);
        assertThat(possible.stoppedBy()).containsExactly(fabric.code());
    }

    @Test
    void a_run_that_stock_cannot_make_whole_says_what_is_missing_and_is_confirmed_with_what_there_is() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "85 in");
        long run = drafts.draft(List.of(new Run.Asked(samples.kit(fabric), 4)), 1);

        DraftPlan plan = samples.bean(DraftPlans.class).plan(book.run(run));

        assertThat(plan.whole()).isFalse();
        assertThat(plan.mostBags().bagsBuilt()).isEqualTo(2);
        assertThat(plan.shortages()).containsExactly(new Shortage(Long.toString(fabric.id()), Length.ofInches(81), 2));
        assertThat(code(drafts.confirmWhole(run))).isEqualTo("run.stock-changed");
        Samples.done(samples.bean(Confirming.class).confirm(run, DraftPlan.Answer.MOST_BAGS, List.of(2)));
        assertThat(book.bags(Set.of(run)).get(run)).hasSize(2);
        assertThat(book.run(run).state()).isEqualTo(RunState.CONFIRMED);
    }

    @Test
    void a_run_is_not_confirmed_when_stock_changed_since_it_was_shown() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "85 in");
        long run = drafts.draft(List.of(new Run.Asked(samples.kit(fabric), 2)), 1);
        Samples.done(stock.take(bolt, Length.ofInches(30), Reason.SOLD_BY_LENGTH, Samples.entry()));

        assertThat(code(samples.bean(Confirming.class).confirm(run, DraftPlan.Answer.IN_ORDER, List.of(2)))).isEqualTo("run.stock-changed");

        assertThat(book.run(run).state()).isEqualTo(RunState.DRAFT);
        assertThat(stock.bolt(bolt).reserved()).isEqualTo(Length.ZERO);
    }

    @Test
    void a_run_is_confirmed_once_and_a_confirmed_one_cannot_be_thrown_away() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "85 in");
        long run = samples.run(samples.kit(fabric), 1);

        assertThat(code(drafts.confirmWhole(run))).isEqualTo("run.not-a-draft");
        assertThat(code(drafts.discard(run))).isEqualTo("run.not-a-draft");
    }

    @Test
    void a_draft_thrown_away_is_gone() {
        long run = drafts.draft(List.of(new Run.Asked(samples.kit(samples.fabric()), 1)), 1);

        Samples.done(drafts.discard(run));

        assertThatThrownBy(() -> book.run(run)).isInstanceOf(NotFoundException.class);
    }

    @Test
    void two_runs_never_share_the_same_cloth() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "85 in");
        long kit = samples.kit(fabric);
        samples.run(kit, 1);
        long second = drafts.draft(List.of(new Run.Asked(kit, 2)), 1);

        assertThat(samples.bean(DraftPlans.class).plan(book.run(second)).mostBags().bagsBuilt()).isEqualTo(1);
        assertThat(code(samples.bean(Confirming.class).confirm(second, DraftPlan.Answer.MOST_BAGS, List.of(2))))
                .isEqualTo("run.stock-changed");
    }

    /** Ten drafts of one bag of 40 1/2 in, and 162 in. Whoever comes later plans anew, and never with the same cloth. */
    @Test
    void drafts_confirmed_at_once_get_what_there_is_and_no_more() throws Exception {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "162 in");
        long kit = samples.kit(fabric);
        List<Long> asked = IntStream.range(0, 10).mapToObj(i -> drafts.draft(List.of(new Run.Asked(kit, 1)), 1)).toList();
        ExecutorService people = Executors.newFixedThreadPool(asked.size());
        try {
            List<Callable<String>> presses = asked.stream().<Callable<String>>map(run -> () -> code(drafts.confirmWhole(run))).toList();
            List<String> answers = new ArrayList<>();
            for (Future<String> answer : people.invokeAll(presses)) {
                answers.add(answer.get());
            }

            assertThat(answers).filteredOn("done"::equals).hasSize(4);
            assertThat(answers).filteredOn("run.stock-changed"::equals).hasSize(6);
            assertThat(stock.bolt(bolt).reserved()).isEqualTo(stock.bolt(bolt).onHand());
        } finally {
            people.shutdownNow();
        }
    }

    /** Numbers of bolts are given out by their suppliers: the first of two may come last by name. */
    @Test
    void bolts_may_be_called_in_any_order() {
        Fabric fabric = samples.fabric();
        for (String code : List.of(Samples.unique("Z"), Samples.unique("A"))) {
            Samples.done(stock.receive(
                    new NewBolt(code, fabric.id(), "L1", "bay 9", Length.ofInches(40), Length.ofInches(45), true), Samples.entry()));
        }

        long run = samples.run(samples.kit(fabric), 2);

        assertThat(book.bags(Set.of(run)).get(run)).hasSize(2).noneMatch(Bag::waits);
    }

    @Test
    void a_run_of_which_nothing_can_be_made_waits_with_all_that_it_asks_for() {
        long run = drafts.draft(List.of(new Run.Asked(samples.kit(samples.fabric()), 1)), 1);

        Samples.done(samples.bean(Confirming.class).confirm(run, DraftPlan.Answer.MOST_BAGS, List.of(0)));

        assertThat(book.run(run).state()).isEqualTo(RunState.WAITING);
        assertThat(book.bags(Set.of(run))).isEmpty();
    }

    @Test
    void the_bill_of_a_bag_is_frozen_in_the_database() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "85 in");
        long run = samples.run(samples.kit(fabric), 1);

        Bag bag = book.bags(Set.of(run)).get(run).get(0);

        assertThat(bag.lines()).extracting(Bag.ClothLine::length).containsExactly(Length.ofInches(81, 2));
        assertThatThrownBy(() -> samples.shop().database().sql("UPDATE bag_line SET length_ticks = 1").update())
                .hasStackTraceContaining("permission denied");
    }

    @Test
    void a_bag_that_waits_gets_its_bolt_when_cloth_comes_in() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "85 in");
        long run = samples.run(samples.kit(fabric), 2);
        Samples.done(stock.correct(bolt, Length.ofInches(50), Samples.entry()));
        samples.plannedAgain();
        assertThat(book.bags(Set.of(run)).get(run)).anyMatch(Bag::waits);

        samples.bolt(fabric, "2 yd");
        samples.plannedAgain();

        assertThat(book.bags(Set.of(run)).get(run)).noneMatch(Bag::waits);
        assertThat(book.currentCuts(Set.of(run))).extracting(PlannedCut::boltId).doesNotHaveDuplicates();
    }

    @Test
    void a_narrow_bolt_is_not_offered() {
        Fabric fabric = samples.fabric();
        Samples.done(stock.receive(new retazo.app.stock.NewBolt(
                Samples.unique("B"), fabric.id(), "L1", "", Length.ofInches(39), Length.ofYards(5, 1), true), Samples.entry()));
        long run = drafts.draft(List.of(new Run.Asked(samples.kit(fabric), 1)), 1);

        assertThat(samples.bean(DraftPlans.class).plan(book.run(run)).mostBags().bagsBuilt()).isZero();
    }

    private static String code(Outcome<?> outcome) {
        return outcome.match(done -> "done", problems -> problems.get(0).code());
    }
}
