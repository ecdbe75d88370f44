package retazo.app.runs;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.sql.Connection;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import javax.sql.DataSource;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.changes.Happened;
import retazo.app.shared.NotFoundException;
import retazo.app.stock.Reason;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;

/** Runs that lose cloth are planned again, however many lose it at once, and by whoever takes up what is written down. */
@Tag("slow")
@ExtendWith(TestShop.class)
class ReplanningTest {

    private static final int HANDS = 40;
    private static final int BOLTS = 4;

    private final TestShop.Shop shop;
    private final Samples samples;
    private final StockService stock;
    private final RunBook book;
    private final Replanning replanning;

    ReplanningTest(TestShop.Shop shop, StockService stock, RunBook book, Replanning replanning) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.stock = stock;
        this.book = book;
        this.replanning = replanning;
    }

    /**
     * Two bags of 40 1/2 in are reserved on each of four bolts of 90 in. Forty people cut 2 in at once, ten from each: all are booked,
     * 70 in are left on each bolt, and each run keeps one bag.
     */
    @Test
    void forty_cuts_at_once_are_all_booked_and_every_run_is_planned_again() throws Exception {
        List<Long> bolts = new ArrayList<>();
        List<Long> runs = new ArrayList<>();
        for (int i = 0; i < BOLTS; i++) {
            Fabric fabric = samples.fabric();
            bolts.add(samples.bolt(fabric, "90 in"));
            runs.add(samples.run(samples.kit(fabric), 2));
        }
        CyclicBarrier together = new CyclicBarrier(HANDS);
        List<Callable<String>> hands = new ArrayList<>();
        for (int hand = 0; hand < HANDS; hand++) {
            long bolt = bolts.get(hand % BOLTS);
            hands.add(() -> {
                together.await();
                return stock.take(bolt, Length.ofInches(2), Reason.SOLD_BY_LENGTH, Samples.entry())
                        .match(done -> "booked", problems -> problems.get(0).code());
            });
        }
        ExecutorService pool = Executors.newFixedThreadPool(HANDS);
        List<String> answers = new ArrayList<>();
        for (Future<String> answer : pool.invokeAll(hands)) {
            answers.add(answer.get());
        }
        pool.shutdown();
        samples.plannedAgain();

        assertThat(answers).containsOnly("booked").hasSize(HANDS);
        bolts.forEach(bolt -> {
            assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(70));
            assertThat(stock.bolt(bolt).reserved()).isEqualTo(Length.parse("40 1/2"));
        });
        runs.forEach(run -> assertThat(book.bags(Set.of(run)).get(run)).extracting(Bag::waits).containsExactly(false, true));
    }

    /** What a stopped server had written down and not worked off is taken up, and goes. */
    @Test
    void what_is_written_down_is_worked_off_by_whoever_comes_next() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "45 in");
        long run = samples.run(samples.kit(fabric), 1);
        shop.database().sql("INSERT INTO replan (run_id, since) VALUES (?, now())").params(run).update();
        assertThat(replanning.isAsked(run)).isTrue();

        replanning.workOff();

        assertThat(replanning.isAsked(run)).isFalse();
        assertThat(book.bags(Set.of(run)).get(run)).noneMatch(Bag::waits);
    }

    @Test
    void a_run_that_is_not_there_cannot_be_planned_again() {
        assertThatThrownBy(() -> samples.bean(RunService.class).askPlanAgain(999_999_999, Happened.ASKED))
                .isInstanceOf(NotFoundException.class);
    }

    /** Somebody holds the run: it is left for later, is still written down, and is planned once the run is free. */
    @Test
    void a_run_that_cannot_be_planned_now_stays_written_down() throws Exception {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "90 in");
        long run = samples.run(samples.kit(fabric), 2);
        try (Connection holder = shop.context().getBean(DataSource.class).getConnection()) {
            holder.setAutoCommit(false);
            try (Statement statement = holder.createStatement()) {
                statement.execute("SELECT id FROM kit_run WHERE id = " + run + " FOR NO KEY UPDATE");
            }
            Samples.done(stock.take(bolt, Length.ofInches(36), Reason.SOLD_BY_LENGTH, Samples.entry()));
            assertThat(replanning.isAsked(run)).isTrue();
            holder.rollback();
        }
        samples.plannedAgain();

        assertThat(replanning.isAsked(run)).isFalse();
        assertThat(book.bags(Set.of(run)).get(run)).extracting(Bag::waits).containsExactly(false, true);
    }
}
