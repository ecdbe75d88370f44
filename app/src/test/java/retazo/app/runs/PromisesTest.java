package retazo.app.runs;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
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
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.cutting.CutService;
import retazo.app.fabrics.Fabric;
import retazo.app.packing.BagItem;
import retazo.app.packing.PackingService;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.book.RunState;
import retazo.app.runs.changes.Cause;
import retazo.app.runs.changes.ChangeBook;
import retazo.app.runs.changes.ChangeView;
import retazo.app.runs.changes.ChangeWords;
import retazo.app.runs.changes.RunChange;
import retazo.app.runs.plan.Takings;
import retazo.app.runs.progress.RunProgress;
import retazo.app.shared.Outcome;
import retazo.app.stock.Bolt;
import retazo.app.stock.NewBolt;
import retazo.app.stock.Reason;
import retazo.app.stock.StockService;
import retazo.core.bolt.promise.Priority;
import retazo.core.measure.Length;

/** What runs are promised, and what becomes of it. One bag of the sample kit takes 40 1/2 in of its fabric. */
@Tag("slow")
@ExtendWith(TestShop.class)
class PromisesTest {

    private static final Length BAG = Length.ofInches(81, 2);

    private final TestShop.Shop shop;
    private final Samples samples;
    private final StockService stock;
    private final RunBook book;
    private final RunProgress progress;
    private final ChangeBook changes;
    private final Fabric fabric;
    private final long kit;

    PromisesTest(TestShop.Shop shop, StockService stock, RunBook book, RunProgress progress, ChangeBook changes) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.stock = stock;
        this.book = book;
        this.progress = progress;
        this.changes = changes;
        this.fabric = samples.fabric();
        this.kit = samples.kit(fabric);
    }

    /**
     * 81 1/2 in, a bag for the older and one for the newer run, and 41 in more beside it. The counter sells 30 in of the long bolt: the
     * older run keeps its cut there, the newer one goes to the short bolt. When 10 in of that are sold as well, it waits, and the older
     * is untouched.
     */
    @Test
    void the_newer_run_moves_and_then_waits_and_the_older_keeps_what_it_had() {
        long shared = samples.bolt(fabric, "81 1/2 in");
        long older = samples.run(kit, 1);
        long newer = samples.run(kit, 1);
        long other = samples.bolt(fabric, "41 in");
        PlannedCut kept = onlyCut(older);

        sell(shared, 30);

        assertThat(onlyCut(older)).isEqualTo(kept);
        assertThat(onlyCut(newer).boltId()).isEqualTo(other);
        assertThat(changes.of(older)).isEmpty();
        assertThat(changes.of(newer).get(0).happened().cause()).isEqualTo(Cause.SOLD);
        assertThat(told(newer)).containsExactly(
                "After a sale from bolt " + code(shared) + ": bag 1 takes " + fabric.name() + " from bolt " + code(other)
                        + " now, not from "
                        + code(shared));

        sell(other, 10);

        assertThat(waiting(newer)).containsExactly(1);
        assertThat(waiting(older)).isEmpty();
        assertThat(told(newer).get(0)).isEqualTo(
                "After a sale from bolt " + code(other) + ": bag 1 waits for 1 1/8 yd " + fabric.name());
        assertThatBookAndBoltsAgree(shared, other);
    }

    /** The older run's bolt is emptied by the counter; the newer run lies on another one, which the older takes now. */
    @Test
    void the_older_run_takes_the_cloth_of_the_newer_one_when_its_own_is_gone() {
        long first = samples.bolt(fabric, "41 in");
        long older = samples.run(kit, 1);
        long second = samples.bolt(fabric, "41 in");
        long newer = samples.run(kit, 1);

        sell(first, 20);

        assertThat(onlyCut(older).boltId()).isEqualTo(second);
        assertThat(waiting(newer)).containsExactly(1);
        assertThatBookAndBoltsAgree(first, second);
    }

    /** Of two runs the newer is needed on a day and the older is not: the older loses. */
    @Test
    void a_day_comes_before_the_order_of_confirmation() {
        long shared = samples.bolt(fabric, "81 1/2 in");
        long older = samples.run(kit, 1);
        long dated = confirmed(1, new Run.Turn(Priority.USUAL, Optional.of(LocalDate.of(2031, 5, 2)), Optional.empty()));

        sell(shared, 30);

        assertThat(waiting(older)).containsExactly(1);
        assertThat(waiting(dated)).isEmpty();
    }

    /** Of two cuts on a bolt that is counted short one moves to another bolt; the other, and a run on other cloth, stay as they were. */
    @Test
    void only_what_lost_its_cloth_moves() {
        Fabric second = samples.fabric();
        long bolt = samples.bolt(fabric, "3 yd");
        long run = samples.run(kit, 2);
        samples.bolt(second, "9 yd");
        long others = samples.run(samples.kit(second), 3);
        long free = samples.bolt(fabric, "5 yd");
        Map<Long, Long> ofOthers = boltOfCut(others);
        Map<Long, Long> before = boltOfCut(run);
        assertThat(before.values()).containsExactly(bolt, bolt);

        Samples.done(stock.correct(bolt, Length.ofInches(41), Samples.entry()));
        samples.plannedAgain();

        assertThat(boltOfCut(others)).isEqualTo(ofOthers);
        assertThat(boltOfCut(run).entrySet().stream().filter(before.entrySet()::contains)).hasSize(1);
        assertThat(boltOfCut(run).values()).containsExactlyInAnyOrder(bolt, free);
        assertThat(told(run)).containsExactly("Since bolt " + code(bolt) + " was measured: bag 2 takes " + fabric.name() + " from bolt "
                + code(free) + " now, not from " + code(bolt));
        assertThat(book.cutsOfPlan(run, 1)).extracting(PlannedCut::boltId).containsExactly(bolt, bolt);
    }

    /** Four asked and cloth for two; both are packed. Two are open still, a bolt that comes says so, and they are taken up and packed. */
    @Test
    void what_could_not_be_made_stays_open_until_cloth_comes() {
        samples.bolt(fabric, "85 in");
        long run = samples.bean(RunDrafts.class).draft(List.of(new Run.Asked(kit, 4)), 1);
        Samples.done(samples.bean(Confirming.class).confirm(run, DraftPlan.Answer.IN_ORDER, List.of(2)));
        assertThat(open(run)).isEqualTo(2);
        cutAndPack(run);
        assertThat(book.run(run).state()).isEqualTo(RunState.WAITING);

        long came = samples.bolt(fabric, "3 yd");
        samples.plannedAgain();

        RunChange told = changes.of(run).get(0);
        assertThat(told.openBags()).isEqualTo(2);
        assertThat(told(run).get(0)).isEqualTo("Since cloth came on bolt " + code(came) + ": 2 open bags could be taken up");
        Samples.done(samples.bean(Confirming.class).takeUp(run, List.of(2)));
        assertThat(bags(run)).extracting(Bag::number).containsExactly(1, 2, 3, 4);
        assertThat(open(run)).isZero();
        cutAndPack(run);
        assertThat(book.run(run).state()).isEqualTo(RunState.PACKED);
    }

    @Test
    void cloth_that_none_of_a_run_takes_wakes_nobody() {
        long run = samples.bean(RunDrafts.class).draft(List.of(new Run.Asked(kit, 1)), 1);
        Samples.done(samples.bean(Confirming.class).confirm(run, DraftPlan.Answer.IN_ORDER, List.of(0)));

        samples.bolt(samples.fabric(), "9 yd");
        samples.plannedAgain();

        assertThat(changes.of(run)).isEmpty();
    }

    /** Dropping is somebody's decision: the run is done then, and taking up is refused. */
    @Test
    void what_is_dropped_is_not_asked_any_more() {
        samples.bolt(fabric, "41 in");
        long run = samples.bean(RunDrafts.class).draft(List.of(new Run.Asked(kit, 3)), 1);
        Samples.done(samples.bean(Confirming.class).confirm(run, DraftPlan.Answer.IN_ORDER, List.of(1)));
        cutAndPack(run);

        Samples.done(samples.bean(RunDrops.class).dropOpen(run, 2));

        assertThat(book.run(run).state()).isEqualTo(RunState.PACKED);
        assertThat(
                shop.database().sql("SELECT d.bags, d.person_id FROM run_drop d JOIN run_line l ON l.id = d.run_line_id WHERE l.run_id = ?")
                        .params(run).query().singleRow())
                .containsEntry("bags", 2).containsEntry("person_id", 2L);
        assertThat(problem(samples.bean(Confirming.class).takeUp(run, List.of(2)))).isEqualTo("run.nothing-open");
        assertThat(problem(samples.bean(RunDrops.class).dropOpen(run, 2))).isEqualTo("run.nothing-open");
    }

    /**
     * All cloth is kept for a run of two bags. A rush asks for one: it is shown that bag 2 of the other would wait, takes that, and gives
     * it back again, after which all is as it was.
     */
    @Test
    void a_rush_takes_cloth_from_a_later_run_and_gives_it_back() {
        long bolt = samples.bolt(fabric, "85 in");
        long later = samples.run(kit, 2);
        long rush = samples.bean(RunDrafts.class).draft(List.of(new Run.Asked(kit, 1)), rush(), 1);
        RunTakings takings = samples.bean(RunTakings.class);

        Takings.Taking shown = takings.preview(book.run(rush), draftPlan(rush));
        assertThat(shown.gained()).containsExactly(1);
        assertThat(shown.losses()).extracting(Takings.Loss::runId, Takings.Loss::bagNumber)
                .containsExactly(org.assertj.core.groups.Tuple.tuple(later, 2));

        Samples.done(takings.take(rush, RunTakings.signature(draftPlan(rush), shown), 2));

        assertThat(onlyCut(rush).boltId()).isEqualTo(bolt);
        assertThat(waiting(later)).containsExactly(2);
        assertThat(told(later).get(0)).isEqualTo(
                "Since run " + rush + " took cloth: bag 2 waits for 1 1/8 yd " + fabric.name());
        assertThatBookAndBoltsAgree(bolt);

        Samples.done(takings.giveBack(takings.toGiveBack(rush).orElseThrow()));
        samples.plannedAgain();

        assertThat(waiting(later)).isEmpty();
        assertThat(open(rush)).isEqualTo(1);
        assertThat(book.run(rush).state()).isEqualTo(RunState.WAITING);
        assertThat(takings.toGiveBack(rush)).isEmpty();
        assertThatBookAndBoltsAgree(bolt);
    }

    @Test
    void a_taking_that_would_be_another_than_was_shown_is_refused() {
        long bolt = samples.bolt(fabric, "85 in");
        long later = samples.run(kit, 2);
        long rush = samples.bean(RunDrafts.class).draft(List.of(new Run.Asked(kit, 1)), rush(), 1);
        RunTakings takings = samples.bean(RunTakings.class);
        String seen = RunTakings.signature(draftPlan(rush), takings.preview(book.run(rush), draftPlan(rush)));
        PlannedCut last = book.currentCuts(Set.of(later)).stream().filter(cut -> cut.bagNumber() == 2).findFirst().orElseThrow();
        samples.bean(CutService.class).confirm(last.id(), UUID.randomUUID(), 3);

        assertThat(problem(takings.take(rush, seen, 2))).isEqualTo("run.stock-changed");

        assertThat(waiting(later)).isEmpty();
        assertThat(book.run(rush).state()).isEqualTo(RunState.DRAFT);
        assertThatBookAndBoltsAgree(bolt);
    }

    /** A usual run takes nothing from one that was confirmed before it, and a begun bag is taken from by nobody. */
    @Test
    void who_comes_after_takes_nothing() {
        samples.bolt(fabric, "41 in");
        long first = samples.run(kit, 1);
        long usual = samples.bean(RunDrafts.class).draft(List.of(new Run.Asked(kit, 1)), 1);

        assertThat(samples.bean(RunTakings.class).preview(book.run(usual), draftPlan(usual)).bags()).isZero();

        samples.bean(CutService.class).confirm(onlyCut(first).id(), UUID.randomUUID(), 3);
        long rush = samples.bean(RunDrafts.class).draft(List.of(new Run.Asked(kit, 1)), rush(), 1);
        assertThat(samples.bean(RunTakings.class).preview(book.run(rush), draftPlan(rush)).bags()).isZero();
    }

    /** A bag that was told to wait does not take what a later run was promised since; the next cloth is its. */
    @Test
    void who_waits_takes_free_cloth_first_and_nobody_elses() {
        long bolt = samples.bolt(fabric, "41 in");
        long older = samples.run(kit, 1);
        sell(bolt, 10);
        assertThat(waiting(older)).containsExactly(1);
        long wide = samples.bolt(samples.fabric(), "1 yd");
        samples.plannedAgain();
        assertThat(stock.bolt(wide).reserved()).isEqualTo(Length.ZERO);

        long came = samples.bolt(fabric, "85 in");
        samples.plannedAgain();

        assertThat(onlyCut(older).boltId()).isEqualTo(came);
        assertThat(told(older).get(0)).isEqualTo("Since cloth came on bolt " + code(came) + ": bag 1 has " + fabric.name() + " on bolt "
                + code(came));
        // What was said of it before is not so any more, and is not said as if it were.
        assertThat(told(older).get(1)).contains("bag 1 waited for 1 1/8 yd " + fabric.name());
        assertThat(samples.bean(ChangeWords.class).of(changes.of(older))).noneMatch(ChangeView::stops);
    }

    /** Kits are made in the order in which they were asked for, and the planner can change it while the run is a draft. */
    @Test
    void the_order_asked_is_the_order_typed() {
        samples.bolt(fabric, "41 in");
        long second = samples.kit(fabric);
        long run = samples.bean(RunDrafts.class).draft(List.of(new Run.Asked(second, 1), new Run.Asked(kit, 1)), 1);
        assertThat(draftPlan(run).inOrder().built()).containsExactly(1, 0);

        Samples.done(samples.bean(RunDrafts.class).earlier(run, kit));

        assertThat(book.run(run).asked()).extracting(Run.Asked::kitId).containsExactly(kit, second);
        assertThat(draftPlan(run).inOrder().built()).containsExactly(1, 0);
    }

    /**
     * One bag's cloth for two kits: in the order asked the first has it. Said on the page that the second comes before the others, a third
     * answer gives it to that one and says what it costs; confirmed so, the first stays open.
     */
    @Test
    void by_priority_a_kit_comes_before_those_asked_earlier() throws Exception {
        samples.bolt(fabric, "41 in");
        long second = samples.kit(fabric);
        long run = samples.bean(RunDrafts.class).draft(List.of(new Run.Asked(kit, 1), new Run.Asked(second, 1)), 1);
        Client planner = Client.of(shop, "idris");
        String before = planner.get("/runs/" + run).body();
        assertThat(before).contains("What stock gives").doesNotContain("By priority");

        String page = planner.post("/runs/" + run + "/press", Map.of("kit", Long.toString(second), "priority", "RUSH")).body();

        assertThat(page).contains("By priority", "1 Mat fewer than another answer makes");
        assertThat(planner.get("/runs/" + run + "/beyond").body()).contains("id=\"beyond\"").doesNotContain("data-again");
        assertThat(planner.post("/runs/" + run + "/beyond", Map.of()).body()).contains("Stock is not what it was when that plan was found");
        assertThat(draftPlan(run).plan(DraftPlan.Answer.BY_PRIORITY).built()).containsExactly(0, 1);
        planner.post("/runs/" + run + "/confirm", Map.of("answer", "BY_PRIORITY", "built", "0,1"));
        assertThat(book.bags(Set.of(run)).get(run)).extracting(Bag::kitId).containsExactly(second);
        assertThat(progress.open(Set.of(run))).isEqualTo(Map.of(run, List.of(new Run.Asked(kit, 1))));
    }

    /** Enough of the fabric that stops would make all. */
    @Test
    void a_draft_says_what_enough_of_a_fabric_would_free() {
        samples.bolt(fabric, "41 in");
        long run = samples.bean(RunDrafts.class).draft(List.of(new Run.Asked(kit, 3)), 1);
        DraftPlan plan = draftPlan(run);

        assertThat(plan.inOrder().bagsBuilt()).isEqualTo(1);
        assertThat(samples.bean(DraftPlans.class).bagsWithEnough(plan, fabric.id())).isEqualTo(3);
    }

    /**
     * A bolt of 5 yd is 37 in wide, and the kit was planned at 40: three patches of 12 1/2 in do not lie side by side any more, two do.
     * Five strips and 1 in are 63 1/2 in, with 5 % 66.675: 67 1/2 in, 1 7/8 yd. The bolt gives two of them.
     */
    @Test
    void narrow_bolts_are_named_with_what_they_would_give() {
        Samples.done(stock.receive(
                new NewBolt(Samples.unique("B"), fabric.id(), "L1", "bay 9", Length.ofInches(37), Length.ofYards(5, 1), true),
                Samples.entry()));
        long run = samples.bean(RunDrafts.class).draft(List.of(new Run.Asked(kit, 1)), 1);

        List<NarrowBolts.Narrow> narrow = samples.bean(NarrowBolts.class).of(draftPlan(run));

        assertThat(narrow).singleElement().satisfies(bolts -> {
            assertThat(bolts.free()).isEqualTo(Length.ofYards(5, 1));
            assertThat(bolts.width()).isEqualTo(Length.ofInches(37));
            assertThat(bolts.planned()).isEqualTo(Length.ofInches(40));
            assertThat(bolts.kits()).singleElement().satisfies(kitOn -> {
                assertThat(kitOn.length()).isEqualTo(Length.parse("67 1/2 in"));
                assertThat(kitOn.now()).isEqualTo(BAG);
                assertThat(kitOn.bags()).isEqualTo(2);
            });
        });
    }

    /**
     * Two cutters, the counter and a planner at once, many times over: what the book says is on hand, and no promise is without cloth.
     */
    @Test
    void hands_of_two_runs_and_the_counter_at_once_keep_book_and_promises_true() throws Exception {
        List<Long> bolts = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            bolts.add(samples.bolt(fabric, "125 in"));
        }
        long older = samples.run(kit, 5);
        long newer = samples.run(kit, 5);
        List<Callable<Object>> hands = List.of(
                () -> cutAll(older), () -> cutAll(newer), () -> {
                    for (long bolt : bolts) {
                        stock.take(bolt, Length.ofInches(9), Reason.SOLD_BY_LENGTH, Samples.entry());
                    }
                    return 0;
                }, () -> {
                    samples.plannedAgain();
                    return 0;
                });
        ExecutorService pool = Executors.newFixedThreadPool(hands.size());
        for (Future<Object> hand : pool.invokeAll(hands)) {
            hand.get();
        }
        pool.shutdown();
        samples.plannedAgain();

        assertThatBookAndBoltsAgree(bolts.toArray(Long[]::new));
        for (long run : List.of(older, newer)) {
            long lines = bags(run).stream().flatMap(bag -> bag.lines().stream()).count();
            assertThat(book.currentCuts(Set.of(run)).size() + waiting(run).size()).isEqualTo((int) lines);
        }
    }

    private Object cutAll(long run) {
        book.currentCuts(Set.of(run)).stream().filter(PlannedCut::isPlanned)
                .forEach(cut -> samples.bean(CutService.class).confirm(cut.id(), UUID.randomUUID(), 3));
        return 0;
    }

    /** What the book's lines add up to is on hand; what is reserved are the planned cuts and no more than is there. */
    private void assertThatBookAndBoltsAgree(Long... bolts) {
        for (long id : bolts) {
            Bolt bolt = stock.bolt(id);
            long ticks = shop.database().sql("SELECT sum(amount_ticks) FROM movement WHERE stock_item_id = ?").params(id).query(Long.class)
                    .single();
            long planned = shop.database()
                    .sql("SELECT coalesce(sum(length_ticks), 0) FROM planned_cut WHERE stock_item_id = ? AND state = 'PLANNED'").params(id)
                    .query(Long.class).single();
            assertThat(bolt.onHand().ticks()).isEqualTo(ticks);
            assertThat(bolt.reserved().ticks()).isEqualTo(planned);
            assertThat(bolt.reserved()).isLessThanOrEqualTo(bolt.onHand());
        }
    }

    private static Run.Turn rush() {
        return new Run.Turn(Priority.RUSH, Optional.empty(), Optional.empty());
    }

    private long confirmed(int bags, Run.Turn turn) {
        long run = samples.bean(RunDrafts.class).draft(List.of(new Run.Asked(kit, bags)), turn, 1);
        Samples.done(samples.bean(RunDrafts.class).confirmWhole(run));
        return run;
    }

    private DraftPlan draftPlan(long run) {
        return samples.bean(DraftPlans.class).plan(book.run(run));
    }

    private void sell(long bolt, int inches) {
        Samples.done(stock.take(bolt, Length.ofInches(inches), Reason.SOLD_BY_LENGTH, Samples.entry()));
        samples.plannedAgain();
    }

    private List<Bag> bags(long run) {
        return book.bags(Set.of(run)).getOrDefault(run, List.of());
    }

    private List<Integer> waiting(long run) {
        return bags(run).stream().filter(Bag::waits).map(Bag::number).toList();
    }

    private int open(long run) {
        return progress.open(Set.of(run)).getOrDefault(run, List.of()).stream().mapToInt(Run.Asked::quantity).sum();
    }

    private PlannedCut onlyCut(long run) {
        assertThat(book.currentCuts(Set.of(run))).hasSize(1);
        return book.currentCuts(Set.of(run)).get(0);
    }

    private Map<Long, Long> boltOfCut(long run) {
        Map<Long, Long> bolts = new HashMap<>();
        book.currentCuts(Set.of(run)).forEach(cut -> bolts.put(cut.id(), cut.boltId()));
        return bolts;
    }

    private List<String> told(long run) {
        return samples.bean(ChangeWords.class).of(changes.of(run)).stream().map(PromisesTest::sentence).toList();
    }

    private static String sentence(ChangeView view) {
        return view.after() + ": " + String.join("; ", view.became());
    }

    private String code(long bolt) {
        return stock.bolt(bolt).code();
    }

    private static String problem(Outcome<?> outcome) {
        return outcome.match(done -> "done", problems -> problems.get(0).code());
    }

    private void cutAndPack(long run) {
        cutAll(run);
        bags(run).stream().filter(Bag::isOpen).forEach(bag -> {
            bag.lines().forEach(line -> Samples.done(samples.bean(PackingService.class).tick(bag.id(), BagItem.line(line.id()), 4)));
            Samples.done(samples.bean(PackingService.class).done(bag.id(), 4));
        });
    }
}
