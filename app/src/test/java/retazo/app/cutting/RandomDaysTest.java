package retazo.app.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.packing.BagItem;
import retazo.app.packing.BagOpening;
import retazo.app.packing.PackingService;
import retazo.app.runs.BagShelf;
import retazo.app.runs.Confirming;
import retazo.app.runs.DraftPlan;
import retazo.app.runs.DraftPlans;
import retazo.app.runs.RunDrafts;
import retazo.app.runs.RunDrops;
import retazo.app.runs.RunTakings;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.book.RunState;
import retazo.app.runs.instead.RunInsteads;
import retazo.app.runs.progress.RunProgress;
import retazo.app.stock.Bolt;
import retazo.app.stock.Reason;
import retazo.app.stock.StockService;
import retazo.core.bolt.promise.Priority;
import retazo.core.measure.Length;

/** Weeks of a shop as chance makes them, against the real services: whatever happens, the books are true at the end of every day. */
@Tag("slow")
@ExtendWith(TestShop.class)
class RandomDaysTest {

    private static final int DAYS = 10;
    private static final int STEPS_OF_A_DAY = 8;

    private final TestShop.Shop shop;
    private final Samples samples;
    private final StockService stock;
    private final RunBook book;
    private final CutService cuts;
    private final List<Fabric> fabrics;
    private final List<Long> kits = new ArrayList<>();
    private final List<Long> runs = new ArrayList<>();

    RandomDaysTest(TestShop.Shop shop, StockService stock, RunBook book, CutService cuts) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.stock = stock;
        this.book = book;
        this.cuts = cuts;
        this.fabrics = List.of(samples.fabric(), samples.fabric(), samples.fabric());
        kits.addAll(samples.kitsOfTwo(fabrics.get(0), fabrics.get(1)));
        kits.addAll(samples.kitsOfTwo(fabrics.get(1), fabrics.get(2)));
        kits.add(samples.kit(fabrics.get(0)));
    }

    /** Five times ten days: planned, cut, cut short, flawed, measured, sold, delivered, taken back, opened, dropped, made otherwise. */
    @ParameterizedTest
    @ValueSource(longs = {7, 20_311, 88, 4_096, 150_001})
    void the_books_are_true_after_every_day(long seed) {
        Random chance = new Random(seed);
        for (int day = 1; day <= DAYS; day++) {
            List<String> done = new ArrayList<>();
            for (int step = 0; step < STEPS_OF_A_DAY; step++) {
                done.add(step(chance));
            }
            samples.plannedAgain();
            assertThatTheBooksAreTrue("seed " + seed + ", day " + day + ": " + done);
        }
        finish();
        assertThatTheBooksAreTrue("seed " + seed + ", all made");
        assertThat(runs).allSatisfy(run -> assertThat(book.run(run).state()).as("seed %d, run %d", seed, run)
                .isIn(RunState.PACKED, RunState.CANCELLED));
    }

    private String step(Random chance) {
        int which = chance.nextInt(16);
        switch (which) {
            case 0, 1 -> samples.bolt(any(fabrics, chance), (1 + chance.nextInt(4)) + " yd");
            case 2, 3 -> plan(chance);
            case 4, 5, 6, 7 -> cut(chance);
            case 8 -> sell(chance);
            case 9 -> measure(chance);
            case 10 -> undo(chance);
            case 11, 12 -> pack(chance);
            case 13 -> shelf(chance);
            case 14 -> takeUp(chance);
            default -> decide(chance);
        }
        if (chance.nextBoolean()) {
            samples.plannedAgain();
        }
        return Integer.toString(which);
    }

    private void plan(Random chance) {
        List<Run.Asked> asked = IntStream.rangeClosed(0, chance.nextInt(2)).mapToObj(i -> any(kits, chance)).distinct()
                .map(kit -> new Run.Asked(kit, 1 + chance.nextInt(3))).toList();
        Run.Turn turn = new Run.Turn(any(List.of(Priority.values()), chance), Optional.empty(), Optional.empty());
        long run = samples.bean(RunDrafts.class).draft(asked, turn, 1);
        DraftPlan plan = samples.bean(DraftPlans.class).plan(book.run(run));
        samples.bean(Confirming.class).confirm(run, DraftPlan.Answer.MOST_BAGS, plan.mostBags().built());
        if (book.run(run).state() == RunState.DRAFT) {
            samples.bean(RunDrafts.class).discard(run);
        } else {
            runs.add(run);
        }
    }

    /** At its length, a little longer, too short for the bag, or with a flaw in it. */
    private void cut(Random chance) {
        planned(chance).ifPresent(cut -> {
            int how = chance.nextInt(8);
            Optional<Length> real = how == 0
                    ? Optional.of(cut.length().plus(Length.ofInches(1)))
                    : how == 1 ? Optional.of(cut.length().minus(Length.ofInches(3))) : Optional.empty();
            Optional<CutStep.Fate> fate = how == 1 ? Optional.of(any(List.of(CutStep.Fate.values()), chance)) : Optional.empty();
            CutStep step = new CutStep(
                    cut.runId(), cut.boltId(), cut.id(), book.run(cut.runId()).planVersion(), UUID.randomUUID(), real, fate, true, true);
            if (how == 2) {
                cuts.recordFlaw(step, Length.ofInches(chance.nextInt(30)), Length.ofInches(1 + chance.nextInt(3)), 1);
            } else {
                cuts.record(step, 1);
                if (chance.nextInt(4) == 0) {
                    cuts.record(step, 1);
                }
            }
        });
    }

    private Optional<PlannedCut> planned(Random chance) {
        List<PlannedCut> open = book.currentCuts(Set.copyOf(runs)).stream().filter(PlannedCut::isPlanned).toList();
        return open.isEmpty() ? Optional.empty() : Optional.of(any(open, chance));
    }

    private void sell(Random chance) {
        bolt(chance).ifPresent(bolt -> stock.take(
                bolt.id(), Length.ofInches(1 + chance.nextInt(30)), Reason.SOLD_BY_LENGTH, Samples.entry()));
    }

    private void measure(Random chance) {
        bolt(chance).ifPresent(bolt -> stock.correct(
                bolt.id(), bolt.onHand().plus(Length.ofInches(chance.nextInt(20) - 14)).atLeast(Length.ZERO), Samples.entry()));
    }

    private Optional<Bolt> bolt(Random chance) {
        List<Bolt> there = stock.boltsOf(fabrics.stream().map(Fabric::id).toList()).stream()
                .filter(bolt -> bolt.onHand().isPositive()).toList();
        return there.isEmpty() ? Optional.empty() : Optional.of(any(there, chance));
    }

    private void undo(Random chance) {
        List<PlannedCut> done = book.currentCuts(Set.copyOf(runs)).stream().filter(cut -> !cut.isPlanned()).toList();
        if (!done.isEmpty()) {
            PlannedCut cut = any(done, chance);
            cuts.undoLast(cut.runId(), cut.boltId(), UUID.randomUUID(), 1);
        }
    }

    private void pack(Random chance) {
        bags().stream().filter(Bag::isOpen).filter(Bag::allCut).findAny().ifPresent(bag -> {
            PackingService packing = samples.bean(PackingService.class);
            bag.lines().forEach(line -> packing.tick(bag.id(), BagItem.line(line.id()), 1));
            packing.done(bag.id(), 1);
        });
    }

    private void shelf(Random chance) {
        List<Bag> packed = bags().stream().filter(Bag::packed).toList();
        List<Bag> begun = bags().stream().filter(bag -> bag.isOpen() && bag.begun()).toList();
        if (chance.nextInt(4) == 0 && !begun.isEmpty()) {
            samples.bean(BagOpening.class).takeApart(any(begun, chance).id(), Samples.entry());
        } else if (!packed.isEmpty()) {
            Bag bag = any(packed, chance);
            switch (chance.nextInt(3)) {
                case 0 -> samples.bean(BagShelf.class).sell(bag.id(), Samples.entry());
                case 1 -> samples.bean(BagShelf.class).takeBack(bag.id(), Samples.entry());
                default -> samples.bean(BagOpening.class).open(bag.id(), Samples.entry());
            }
        }
    }

    private void takeUp(Random chance) {
        if (!runs.isEmpty()) {
            takeUp(any(runs, chance));
        }
    }

    private void takeUp(long run) {
        Run open = samples.bean(RunTakings.class).asking(book.run(run));
        if (!open.asked().isEmpty()) {
            samples.bean(Confirming.class).takeUp(run, samples.bean(DraftPlans.class).plan(open).inOrder().built());
        }
    }

    /** A bag is made with another fabric, or what is open, or not begun, is dropped. */
    private void decide(Random chance) {
        if (runs.isEmpty()) {
            return;
        }
        long run = any(runs, chance);
        int how = chance.nextInt(6);
        if (how == 0) {
            samples.bean(RunDrops.class).dropOpen(run, 1);
        } else if (how == 1) {
            samples.bean(RunDrops.class).dropNotBegun(run, 1);
        } else {
            bags().stream().filter(Bag::waits).findAny().ifPresent(bag -> bag.lines().stream().filter(Bag.ClothLine::waits).findAny()
                    .ifPresent(line -> samples.bean(RunInsteads.class).take(
                            new RunInsteads.Wanted(
                                    bag.runId(), bag.kitId(), Optional.of(bag.number()), 1,
                                    new RunInsteads.Means(Optional.of(line.fabricId()), any(fabrics, chance).id())),
                            1)));
        }
    }

    /** Cloth comes for all; what is open is taken up, cut and packed. */
    private void finish() {
        for (int round = 0; round < 4; round++) {
            fabrics.forEach(fabric -> samples.bolt(fabric, "60 yd"));
            samples.plannedAgain();
            runs.forEach(this::takeUp);
            book.currentCuts(Set.copyOf(runs)).stream().filter(PlannedCut::isPlanned)
                    .forEach(cut -> cuts.confirm(cut.id(), UUID.randomUUID(), 1));
            samples.plannedAgain();
            PackingService packing = samples.bean(PackingService.class);
            bags().stream().filter(Bag::isOpen).filter(Bag::allCut).forEach(bag -> {
                bag.lines().forEach(line -> Samples.done(packing.tick(bag.id(), BagItem.line(line.id()), 1)));
                Samples.done(packing.done(bag.id(), 1));
            });
        }
    }

    private List<Bag> bags() {
        return book.bags(Set.copyOf(runs)).values().stream().flatMap(List::stream).toList();
    }

    private static <T> T any(List<T> all, Random chance) {
        return all.get(chance.nextInt(all.size()));
    }

    private void assertThatTheBooksAreTrue(String after) {
        assertThat(faults("""
                SELECT 'on hand of ' || i.code FROM stock_item i
                 WHERE i.on_hand_ticks <> (SELECT coalesce(sum(m.amount_ticks), 0) FROM movement m WHERE m.stock_item_id = i.id)
                    OR i.on_hand_count <> (SELECT coalesce(sum(m.amount_count), 0) FROM movement m WHERE m.stock_item_id = i.id)
                    OR i.on_hand_ticks < 0 OR i.on_hand_count < 0""")).as(after).isEmpty();
        assertThat(faults("""
                SELECT 'reserved without cloth on ' || i.code FROM stock_item i JOIN reservation r ON r.stock_item_id = i.id
                 WHERE r.length_ticks > 0 GROUP BY i.id HAVING sum(r.length_ticks) > i.on_hand_ticks""")).as(after).isEmpty();
        assertThat(faults("""
                SELECT 'reservation and plan differ: ' || coalesce(r.owner, 'cut:' || c.id)
                  FROM (SELECT * FROM planned_cut WHERE state = 'PLANNED') c
                  FULL JOIN (SELECT * FROM reservation WHERE owner LIKE 'cut:%') r ON r.owner = 'cut:' || c.id
                 WHERE r.id IS NULL OR c.id IS NULL OR r.stock_item_id <> c.stock_item_id OR r.length_ticks <> c.length_ticks"""))
                .as(after).isEmpty();
        assertThat(faults("""
                SELECT 'cut twice: ' || l.id FROM bag_line l
                  JOIN planned_cut c ON c.bag_line_id = l.id
                  JOIN cut_record r ON r.planned_cut_id = c.id AND r.outcome = 'GOOD' AND NOT r.undone
                 WHERE c.state = 'CUT' GROUP BY l.id HAVING count(*) > 1""")).as(after).isEmpty();
        assertThat(faults("""
                SELECT 'two lots in bag ' || b.id FROM bag b JOIN bag_line l ON l.bag_id = b.id
                  JOIN planned_cut c ON c.bag_line_id = l.id AND c.state = 'CUT' JOIN stock_item i ON i.id = c.stock_item_id
                 GROUP BY b.id, l.fabric_id HAVING count(DISTINCT i.lot) > 1""")).as(after).isEmpty();
        assertThat(faults("""
                SELECT 'more made or dropped than asked in run ' || l.run_id FROM run_line l
                 WHERE l.asked < coalesce((SELECT sum(d.bags) FROM run_drop d WHERE d.run_line_id = l.id), 0)
                               + (SELECT count(*) FROM bag b
                                   WHERE b.run_id = l.run_id AND b.kit_id = l.kit_id AND b.state <> 'LEFT_OUT')""")).as(after).isEmpty();
        assertThat(faults("""
                SELECT 'a bag of a kit that was not asked in run ' || b.run_id FROM bag b
                 WHERE b.found_entry IS NULL
                   AND NOT EXISTS (SELECT FROM run_line l WHERE l.run_id = b.run_id AND l.kit_id = b.kit_id)""")).as(after).isEmpty();
        assertThat(faults("""
                SELECT 'kits and bags on the shelf differ: ' || i.code FROM stock_item i
                 WHERE i.kit_id IS NOT NULL AND i.on_hand_count <> (
                       SELECT count(*) FROM bag b WHERE b.kit_id = i.kit_id AND b.state = 'PACKED' AND b.sold_at IS NULL)
                   AND i.kit_id IN (SELECT kit_id FROM run_line WHERE run_id IN (%s))""".formatted(runIds()))).as(after).isEmpty();
    }

    private String runIds() {
        return runs.isEmpty() ? "0" : String.join(",", runs.stream().map(String::valueOf).toList());
    }

    private List<String> faults(String sql) {
        return shop.database().sql(sql).query(String.class).list();
    }
}
