package retazo.app.stock;

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
import retazo.app.shared.Outcome;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.app.stock.goods.NewGood;
import retazo.core.cloth.PrecutKind;
import retazo.core.measure.Length;

/** The id that a form sends stands for its content and its person, and for nothing else. */
@Tag("slow")
@ExtendWith(TestShop.class)
class EntriesTest {

    private static final Length YARD = Length.ofYards(1, 1);

    private final TestShop.Shop shop;
    private final Samples samples;
    private final StockService stock;
    private final GoodService goods;

    EntriesTest(TestShop.Shop shop, StockService stock, GoodService goods) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.stock = stock;
        this.goods = goods;
    }

    @Test
    void the_same_id_with_another_bolt_length_kind_or_person_is_refused_and_books_nothing() {
        long bolt = samples.bolt(samples.fabric(), "5 yd");
        long other = samples.bolt(samples.fabric(), "5 yd");
        Entry entry = Samples.entry();
        Samples.done(stock.take(bolt, YARD, Reason.SOLD_BY_LENGTH, entry));
        long lines = lines();

        List<Outcome<Long>> misused = List.of(
                stock.take(other, YARD, Reason.SOLD_BY_LENGTH, entry),
                stock.take(bolt, Length.ofInches(20), Reason.SOLD_BY_LENGTH, entry),
                stock.take(bolt, YARD, Reason.WASTE, entry),
                stock.splitOff(bolt, YARD, entry),
                stock.cutOutFlaw(bolt, Length.ZERO, YARD, false, entry),
                stock.reverse(entry.clientId(), entry),
                stock.take(bolt, YARD, Reason.SOLD_BY_LENGTH, Entry.of(2, entry.clientId())));

        assertThat(misused).extracting(EntriesTest::code).containsOnly("entry.of-something-else");
        assertThat(stock.correct(bolt, YARD, entry).<String>match(done -> "done", problems -> problems.get(0).code()))
                .isEqualTo("entry.of-something-else");
        assertThat(lines()).isEqualTo(lines);
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofYards(4, 1));
        assertThat(stock.bolt(other).onHand()).isEqualTo(Length.ofYards(5, 1));
    }

    /** Whoever's answer got lost asks again: it is booked, whatever the rules would say now. */
    @Test
    void asked_again_it_is_done_though_the_rules_would_refuse_it_by_now() {
        long bolt = samples.bolt(samples.fabric(), "1 yd");
        Entry entry = Samples.entry();
        long movement = Samples.done(stock.take(bolt, YARD, Reason.SOLD_BY_LENGTH, entry));

        assertThat(Samples.done(stock.take(bolt, YARD, Reason.SOLD_BY_LENGTH, entry))).isEqualTo(movement);
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ZERO);
    }

    @Test
    void what_was_refused_may_be_sent_again_and_mended() {
        long bolt = samples.bolt(samples.fabric(), "1 yd");
        Entry entry = Samples.entry();

        assertThat(code(stock.take(bolt, Length.ofYards(2, 1), Reason.SOLD_BY_LENGTH, entry))).isEqualTo("stock.not-enough");
        Samples.done(stock.take(bolt, YARD, Reason.SOLD_BY_LENGTH, entry));

        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ZERO);
    }

    /** Counted four, as the book says; sold two; the first count arrives again: two are there. */
    @Test
    void a_count_without_a_difference_counts_once() {
        Good roll = Samples.done(goods.add(NewGood.precut(Samples.unique("R"), "Roll", PrecutKind.STRIP_ROLL, 40, "#7a5c3e")));
        Samples.done(goods.move(roll.id(), 4, Reason.RECEIVED, Samples.entry()));
        Entry count = Samples.entry();
        Samples.done(goods.correct(roll.id(), 4, count));
        Samples.done(goods.move(roll.id(), -2, Reason.SOLD_BY_COUNT, Samples.entry()));

        Samples.done(goods.correct(roll.id(), 4, count));

        assertThat(goods.counts(List.of(roll.id())).get(roll.id()).onHand()).isEqualTo(2);
    }

    /** Two hands send one id with two lengths at the same time: one is booked, the other is told, and nothing is booked twice. */
    @Test
    void of_two_contents_under_one_id_at_the_same_time_one_is_booked() throws Exception {
        for (int round = 0; round < 10; round++) {
            long bolt = samples.bolt(samples.fabric(), "5 yd");
            Entry entry = Entry.of(1, UUID.randomUUID());
            CyclicBarrier together = new CyclicBarrier(3);
            List<Callable<Outcome<Long>>> hands = new ArrayList<>();
            for (int inches : new int[] {10, 20, 20}) {
                hands.add(() -> {
                    together.await();
                    return stock.take(bolt, Length.ofInches(inches), Reason.SOLD_BY_LENGTH, entry);
                });
            }
            ExecutorService pool = Executors.newFixedThreadPool(3);
            List<String> answers = new ArrayList<>();
            for (Future<Outcome<Long>> answer : pool.invokeAll(hands)) {
                answers.add(code(answer.get()));
            }
            pool.shutdown();

            Length left = stock.bolt(bolt).onHand();
            assertThat(left).isIn(Length.ofInches(170), Length.ofInches(160));
            assertThat(answers.subList(1, 3)).containsOnly(left.equals(Length.ofInches(160)) ? "done" : "entry.of-something-else");
            assertThat(answers.get(0)).isEqualTo(left.equals(Length.ofInches(170)) ? "done" : "entry.of-something-else");
        }
    }

    private long lines() {
        return shop.database().sql("SELECT count(*) FROM movement").query(Long.class).single();
    }

    private static String code(Outcome<Long> outcome) {
        return outcome.match(done -> "done", problems -> problems.get(0).code());
    }
}
