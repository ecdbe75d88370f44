package retazo.app.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

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
import retazo.app.shared.Outcome;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

@Tag("slow")
@ExtendWith(TestShop.class)
class StockServiceTest {

    private static final Length YARD = Length.ofYards(1, 1);

    private final Samples samples;
    private final StockService stock;
    private final KitShelf shelf;

    StockServiceTest(TestShop.Shop shop, StockService stock, KitShelf shelf) {
        this.samples = new Samples(shop);
        this.stock = stock;
        this.shelf = shelf;
    }

    @Test
    void a_bolt_received_twice_with_the_same_entry_is_there_once() {
        Fabric fabric = samples.fabric();
        NewBolt bolt = new NewBolt(Samples.unique("B"), fabric.id(), "L1", "", Length.ofInches(40), YARD, true);
        Entry entry = Samples.entry();

        long first = Samples.done(stock.receive(bolt, entry));
        long second = Samples.done(stock.receive(bolt, entry));

        assertThat(second).isEqualTo(first);
        assertThat(stock.bolt(first).onHand()).isEqualTo(YARD);
    }

    @Test
    void the_same_cut_sent_twice_counts_once() {
        long bolt = samples.bolt(samples.fabric(), "3 yd");
        Entry entry = Samples.entry();

        Samples.done(stock.take(bolt, YARD, Reason.SOLD_BY_LENGTH, entry));
        Samples.done(stock.take(bolt, YARD, Reason.SOLD_BY_LENGTH, entry));

        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofYards(2, 1));
    }

    @Test
    void two_people_cannot_both_take_the_last_yard() throws Exception {
        for (int round = 0; round < 10; round++) {
            long bolt = samples.bolt(samples.fabric(), "1 yd");
            CyclicBarrier together = new CyclicBarrier(2);
            Callable<Outcome<Long>> cut = () -> {
                together.await();
                return stock.take(bolt, YARD, Reason.SOLD_BY_LENGTH, Samples.entry());
            };
            ExecutorService two = Executors.newFixedThreadPool(2);

            List<Future<Outcome<Long>>> both = two.invokeAll(List.of(cut, cut));

            List<List<Problem>> refusals = new ArrayList<>();
            for (Future<Outcome<Long>> one : both) {
                one.get().match(done -> true, refusals::add);
            }
            two.shutdown();
            assertThat(refusals).hasSize(1);
            assertThat(refusals.get(0)).extracting(Problem::code).containsExactly("stock.not-enough");
            assertThat(refusals.get(0).get(0).arguments()).contains(Length.ZERO, "Marisol");
            assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ZERO);
        }
    }

    @Test
    void a_count_that_differs_is_a_correction_in_the_book() {
        long bolt = samples.bolt(samples.fabric(), "3 yd");

        stock.correct(bolt, Length.parse("2 3/4 yd"), Samples.entry());

        assertThat(stock.linesOf(bolt, 5)).extracting(Movement::reason).containsExactly(Reason.CORRECTION, Reason.RECEIVED);
        assertThat(stock.linesOf(bolt, 5).get(0).amount()).isEqualTo(Length.ofInches(-9, 1));
        assertThat(stock.linesOf(bolt, 5).get(1).balance()).isEqualTo(Length.ofYards(3, 1));
    }

    @Test
    void only_the_newest_entry_is_taken_back_and_only_once() {
        long bolt = samples.bolt(samples.fabric(), "3 yd");
        Entry first = Samples.entry();
        Entry second = Samples.entry();
        stock.take(bolt, YARD, Reason.SOLD_BY_LENGTH, first);
        stock.take(bolt, YARD, Reason.SOLD_BY_LENGTH, second);

        Outcome<Long> tooOld = stock.reverse(first.clientId(), Samples.entry());
        Samples.done(stock.reverse(second.clientId(), Samples.entry()));
        Outcome<Long> again = stock.reverse(second.clientId(), Samples.entry());

        assertThat(code(tooOld)).isEqualTo("stock.not-the-newest");
        assertThat(code(again)).isEqualTo("stock.not-the-newest");
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofYards(2, 1));
    }

    @Test
    void a_remnant_is_a_bolt_of_the_same_lot_with_its_parent_named() {
        long bolt = samples.bolt(samples.fabric(), "3 yd");

        Bolt remnant = stock.bolt(Samples.done(stock.splitOff(bolt, Length.ofInches(20), Samples.entry())));

        assertThat(remnant.onHand()).isEqualTo(Length.ofInches(20));
        assertThat(remnant.lot()).isEqualTo("L1");
        assertThat(remnant.parentCode()).contains(stock.bolt(bolt).code());
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(88));
    }

    @Test
    void a_bolt_that_was_longer_is_corrected_and_cut_in_one_step() {
        long bolt = samples.bolt(samples.fabric(), "1 yd");
        Entry entry = Samples.entry();

        Samples.done(stock.takeFromLonger(bolt, Length.ofInches(40), Reason.WASTE, entry));
        Samples.done(stock.takeFromLonger(bolt, Length.ofInches(40), Reason.WASTE, entry));

        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ZERO);
        assertThat(stock.linesOf(bolt, 9)).extracting(Movement::amount).containsExactly(
                Length.ofInches(-40, 1), Length.ofInches(4), YARD);
    }

    @Test
    void the_book_is_written_once_and_the_database_keeps_it_so() {
        var database = samples.shop().database();

        assertThatThrownBy(() -> database.sql("UPDATE movement SET note = 'x'").update()).hasStackTraceContaining("permission denied");
        assertThatThrownBy(() -> database.sql("DELETE FROM movement").update()).hasStackTraceContaining("permission denied");
        assertThatThrownBy(() -> database.sql("UPDATE stock_item SET on_hand_ticks = 1").update())
                .hasStackTraceContaining("permission denied");
        assertThatThrownBy(() -> database.sql("TRUNCATE movement CASCADE").update()).hasStackTraceContaining("permission denied");
    }

    @Test
    void no_movement_can_bring_a_bolt_below_zero() {
        long bolt = samples.bolt(samples.fabric(), "1 yd");

        assertThatThrownBy(() -> samples.shop().database().sql("""
                        INSERT INTO movement (stock_item_id, amount_ticks, reason, person_id, at, client_id, group_id)
                        VALUES (?, -999999999, 'WASTE', 1, now(), gen_random_uuid(), gen_random_uuid())""").param(bolt).update())
                .hasStackTraceContaining("on_hand_ticks");
    }

    @Test
    void what_is_on_hand_is_the_sum_of_the_movements() {
        assertThat(Book.itemsThatDiffer(samples.shop())).isZero();
    }

    @Test
    void a_kit_is_sold_only_while_one_is_there() {
        long kit = samples.kit(samples.fabric());
        Samples.done(shelf.move(kit, 1, Reason.CORRECTION, Samples.entry()));
        UUID once = UUID.randomUUID();

        Samples.done(shelf.move(kit, -1, Reason.KIT_SOLD, Entry.of(1, once)));
        Samples.done(shelf.move(kit, -1, Reason.KIT_SOLD, Entry.of(1, once)));

        assertThat(code(shelf.move(kit, -1, Reason.KIT_SOLD, Samples.entry()))).isEqualTo("shelf.none-left");
        assertThat(shelf.counts(List.of(kit)).get(kit).onHand()).isZero();
    }

    private static String code(Outcome<?> outcome) {
        return outcome.match(done -> "done", problems -> problems.get(0).code());
    }
}
