package retazo.app.stocktake;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.shared.Outcome;
import retazo.app.stock.Bolt;
import retazo.app.stock.Entry;
import retazo.app.stock.Movement;
import retazo.app.stock.NewBolt;
import retazo.app.stock.Reason;
import retazo.app.stock.StockService;
import retazo.app.stock.changes.BoltChanges;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.app.stock.goods.NewGood;
import retazo.core.cloth.PrecutKind;
import retazo.core.measure.Length;

@Tag("slow")
@ExtendWith(TestShop.class)
class StocktakesTest {

    private final Samples samples;
    private final Stocktakes takes;
    private final StocktakePages pages;
    private final StockService stock;

    StocktakesTest(TestShop.Shop shop, Stocktakes takes, StocktakePages pages, StockService stock) {
        this.samples = new Samples(shop);
        this.takes = takes;
        this.pages = pages;
        this.stock = stock;
    }

    /** The book has 5 yd, 4 7/8 are counted, then 1 yd is sold: 1/8 was missing, so 3 7/8 are left. */
    @Test
    void what_moved_after_a_count_stays_and_only_the_difference_is_booked() {
        long bolt = samples.bolt(samples.fabric(), "5 yd");
        long take = begin("bay 9");
        counted(take, bolt, Length.ofYards(39, 8), "bay 9", "");
        Samples.done(stock.take(bolt, Length.ofYards(1, 1), Reason.SOLD_BY_LENGTH, Samples.entry()));

        StocktakePages.DifferencesPage differs = pages.differences(takes.take(take));
        assertThat(differs.differences()).singleElement().satisfies(one -> {
            assertThat(one.book()).isEqualTo("5 yd");
            assertThat(one.counted()).isEqualTo("4 7/8 yd");
            assertThat(one.difference()).isEqualTo("−1/8 yd");
            assertThat(one.since()).isEqualTo("−1 yd");
        });
        assertThat(Samples.done(takes.book(take, 1))).isEqualTo(1);

        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofYards(31, 8));
        Movement line = stock.linesOf(bolt, 1).get(0);
        assertThat(line.reason()).isEqualTo(Reason.CORRECTION);
        assertThat(line.note()).isEqualTo("stocktake " + take);
        assertThat(stock.bolt(bolt).measuredAt()).isPresent();
        assertThat(refused(takes.book(take, 1))).isEqualTo("stocktake.over");
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofYards(31, 8));
    }

    /** Counted 1 yd where the book had 3; then 2 yd are sold by the book: so much was never there. */
    @Test
    void where_more_went_since_than_was_counted_nothing_is_booked_until_it_is_counted_anew() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "3 yd");
        long other = samples.bolt(fabric, "3 yd");
        long take = begin("bay 9");
        counted(take, bolt, Length.ofYards(1, 1), "bay 9", "");
        counted(take, other, Length.ofYards(2, 1), "bay 9", "");
        Samples.done(stock.take(bolt, Length.ofYards(2, 1), Reason.SOLD_BY_LENGTH, Samples.entry()));

        assertThat(refused(takes.book(take, 1))).isEqualTo("stocktake.cut-since");
        assertThat(stock.bolt(other).onHand()).isEqualTo(Length.ofYards(3, 1));

        counted(take, bolt, Length.ofYards(1, 2), "bay 9", mark(take, bolt, "bay 9"));
        assertThat(Samples.done(takes.book(take, 1))).isEqualTo(2);
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofYards(1, 2));
        assertThat(stock.bolt(other).onHand()).isEqualTo(Length.ofYards(2, 1));
    }

    @Test
    void two_who_count_the_same_bolt_hear_of_each_other() {
        long bolt = samples.bolt(samples.fabric(), "5 yd");
        long take = begin("bay 9");
        counted(take, bolt, Length.ofYards(4, 1), "bay 9", "");

        assertThat(refused(takes.countBolt(take, new Stocktakes.Count(bolt, Amount.of(Length.ofYards(3, 1)), "bay 9", ""), 2)))
                .isEqualTo("stocktake.counted-meanwhile");
        counted(take, bolt, Length.ofYards(4, 1), "bay 9", "");
        counted(take, bolt, Length.ofYards(3, 1), "bay 9", mark(take, bolt, "bay 9"));
        Samples.done(takes.book(take, 1));

        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofYards(3, 1));
    }

    /** The book has 5 yd, 4 are counted, 1 is sold; then the count of before comes once more: 1 yd is missing, as it was. */
    @Test
    void a_count_that_is_sent_twice_is_held_against_the_book_of_the_first_time() {
        long bolt = samples.bolt(samples.fabric(), "5 yd");
        long take = begin("bay 9");
        counted(take, bolt, Length.ofYards(4, 1), "bay 9", "");
        Samples.done(stock.take(bolt, Length.ofYards(1, 1), Reason.SOLD_BY_LENGTH, Samples.entry()));

        counted(take, bolt, Length.ofYards(4, 1), "bay 9", "");
        Samples.done(takes.book(take, 1));

        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofYards(3, 1));
    }

    /** It is found in the cellar, and carried to the attic before the stocktake is booked. */
    @Test
    void a_bolt_that_was_moved_since_it_was_counted_stays_where_it_is() {
        long bolt = samples.bolt(samples.fabric(), "5 yd");
        long take = begin("bay 9");
        counted(take, bolt, Length.ofYards(5, 1), "cellar 1, shelf A", "");
        Samples.done(samples.bean(BoltChanges.class).move(bolt, "attic 1, shelf A", Samples.entry()));

        Samples.done(takes.book(take, 1));

        assertThat(stock.bolt(bolt).place()).isEqualTo("attic 1, shelf A");
    }

    @Test
    void a_bolt_that_stands_elsewhere_moves_and_one_that_is_gone_is_empty() {
        Fabric fabric = samples.fabric();
        String here = Samples.unique("cellar ");
        long found = samples.bolt(fabric, "5 yd");
        long gone = bolt(fabric, here);
        long left = bolt(fabric, here);
        long take = begin(here);
        counted(take, found, Length.ofYards(5, 1), here, "");
        counted(take, gone, Length.ZERO, here, "");

        StocktakePages.DifferencesPage differs = pages.differences(takes.take(take));
        assertThat(differs.notCounted()).extracting(StocktakePages.LineView::id).containsExactly(left);
        assertThat(differs.differences()).extracting(StocktakePages.DifferenceView::moved).contains("moves from bay 9 to " + here);
        Samples.done(takes.book(take, 1));

        assertThat(stock.bolt(found).place()).isEqualTo(here);
        assertThat(stock.bolt(found).onHand()).isEqualTo(Length.ofYards(5, 1));
        assertThat(stock.bolt(gone).onHand()).isEqualTo(Length.ZERO);
        assertThat(stock.bolt(left).onHand()).as("nobody counted it").isEqualTo(Length.ofYards(2, 1));
    }

    /** A correction of a stocktake is taken back for its bolt alone. */
    @Test
    void one_wrong_count_is_taken_back_without_the_others() {
        Fabric fabric = samples.fabric();
        long wrong = samples.bolt(fabric, "5 yd");
        long right = samples.bolt(fabric, "5 yd");
        long take = begin("bay 9");
        counted(take, wrong, Length.ofYards(1, 1), "bay 9", "");
        counted(take, right, Length.ofYards(4, 1), "bay 9", "");
        Samples.done(takes.book(take, 1));

        Samples.done(stock.reverseLine(stock.linesOf(wrong, 1).get(0).id(), Samples.entry()));

        assertThat(stock.bolt(wrong).onHand()).isEqualTo(Length.ofYards(5, 1));
        assertThat(stock.bolt(right).onHand()).isEqualTo(Length.ofYards(4, 1));
    }

    @Test
    void packs_are_counted_too_and_one_that_is_thrown_away_books_nothing() {
        GoodService goods = samples.bean(GoodService.class);
        Good good = Samples.done(goods.add(NewGood.precut(Samples.unique("TAKE"), "Counted rolls", PrecutKind.STRIP_ROLL, 40, "#4f7f86")));
        Samples.done(goods.move(good.id(), 6, Reason.RECEIVED, Samples.entry()));
        long take = Samples.done(takes.begin(List.of(), true, true, 1));
        Samples.done(takes.countGood(take, good.id(), new Stocktakes.Count(0, Amount.of(4), "", ""), 1));
        Samples.done(goods.move(good.id(), 1, Reason.RECEIVED, Samples.entry()));
        long thrownAway = Samples.done(takes.begin(List.of(), true, false, 1));
        Samples.done(takes.countGood(thrownAway, good.id(), new Stocktakes.Count(0, Amount.of(50), "", ""), 1));
        Samples.done(takes.end(thrownAway, 1));

        Samples.done(takes.book(take, 1));

        assertThat(goods.counts(List.of(good.id())).get(good.id()).onHand()).isEqualTo(5);
        assertThat(refused(takes.countGood(thrownAway, good.id(), new Stocktakes.Count(0, Amount.of(5), "", ""), 1)))
                .isEqualTo("stocktake.over");
    }

    /** Eight hands sell off three bolts while two count them: what is left is what was there less what was sold. */
    @Test
    void a_stocktake_in_the_middle_of_the_day_is_right() throws Exception {
        Fabric fabric = samples.fabric();
        String here = Samples.unique("busy ");
        List<Long> bolts = List.of(bolt(fabric, here, 40), bolt(fabric, here, 40), bolt(fabric, here, 40));
        long take = begin(here);
        ExecutorService hands = Executors.newFixedThreadPool(8);
        List<Future<Long>> sold = new ArrayList<>();
        for (int hand = 0; hand < 8; hand++) {
            Random random = new Random(hand);
            sold.add(hands.submit(() -> {
                long cuts = 0;
                for (int i = 0; i < 20; i++) {
                    long bolt = bolts.get(random.nextInt(3));
                    cuts += stock.take(bolt, Length.ofYards(1, 4), Reason.SOLD_BY_LENGTH, Entry.of(1, UUID.randomUUID()))
                            .<Long>match(done -> 1L, problems -> 0L);
                }
                return cuts;
            }));
        }
        // Each bolt really has 1/8 yd less than the book says; whoever counts reads the book of the moment less that.
        for (long bolt : bolts) {
            Outcome<Long> counted = Outcome.refused(List.of());
            while (counted instanceof Outcome.Refused) {
                Length onHand = stock.bolt(bolt).onHand();
                counted = takes.countBolt(take, new Stocktakes.Count(
                        bolt, Amount.of(onHand.minus(Length.ofYards(1, 8))), here, mark(take, bolt, here)), 1);
                Length difference = takesDifference(take, bolt);
                counted = difference.equals(Length.ofYards(-1, 8)) ? counted : Outcome.refused(List.of());
            }
        }
        Samples.done(takes.book(take, 1));
        hands.shutdown();
        assertThat(hands.awaitTermination(60, TimeUnit.SECONDS)).isTrue();
        long cuts = 0;
        for (Future<Long> one : sold) {
            cuts += one.get();
        }

        Length left = bolts.stream().map(stock::bolt).map(Bolt::onHand).reduce(Length.ZERO, Length::plus);
        assertThat(cuts).isEqualTo(160);
        assertThat(left).isEqualTo(Length.ofYards(120, 1).minus(Length.ofYards(160, 4)).minus(Length.ofYards(3, 8)));
    }

    private Length takesDifference(long take, long bolt) {
        return samples.bean(CountLineRepository.class).findByStocktakeIdAndItemId(take, bolt).orElseThrow().difference().length();
    }

    private String mark(long take, long bolt, String place) {
        return pages.found(takes.take(take), place, stock.bolt(bolt)).lines().get(0).mark();
    }

    private long begin(String place) {
        return Samples.done(takes.begin(List.of(place), false, false, 1));
    }

    private long bolt(Fabric fabric, String place) {
        return bolt(fabric, place, 2);
    }

    private long bolt(Fabric fabric, String place, int yards) {
        return Samples.done(stock.receive(
                new NewBolt(Samples.unique("T"), fabric.id(), "L1", place, Length.ofInches(40), Length.ofYards(yards, 1), true),
                Samples.entry()));
    }

    private void counted(long take, long bolt, Length length, String place, String seen) {
        Samples.done(takes.countBolt(take, new Stocktakes.Count(bolt, Amount.of(length), place, seen), 1));
    }

    private static String refused(Outcome<Long> outcome) {
        return outcome.match(done -> "done", problems -> problems.get(0).code());
    }
}
