package retazo.app.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.RunBook;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;

/** Two who wait for each other: the database ends one, and nobody at a ticket hears of it. */
@Tag("slow")
@ExtendWith(TestShop.class)
class LockRetryTest {

    /** How often the cut may be the one that lives. */
    private static final int TRIES = 5;

    /** What the database says when it ends one of two that wait for each other. */
    private static final String DEADLOCK = "40P01";

    private final TestShop.Shop shop;
    private final Samples samples;

    LockRetryTest(TestShop.Shop shop) {
        this.shop = shop;
        this.samples = new Samples(shop);
    }

    @Test
    void a_cut_that_the_database_ended_for_a_deadlock_is_booked_once() throws Exception {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "30 yd");
        long run = samples.run(samples.kit(fabric), TRIES);
        Length before = samples.bean(StockService.class).bolt(bolt).onHand();
        Length booked = Length.ZERO;
        int presses = 0;
        boolean ended = false;
        for (PlannedCut cut : samples.bean(RunBook.class).currentCuts(Set.of(run))) {
            presses++;
            ended = isEndedWhileCutting(cut, bolt, run);
            booked = booked.plus(cut.length());
            if (ended) {
                break;
            }
        }

        assertThat(ended).as("a cut was ended for a deadlock in one of %d presses", presses).isTrue();
        assertThat(samples.bean(StockService.class).bolt(bolt).onHand()).isEqualTo(before.minus(booked));
        assertThat(shop.database().sql("SELECT count(*) FROM cut_record WHERE run_id = ?").param(run).query(Long.class).single())
                .isEqualTo(presses);
    }

    /**
     * Presses a cut that ends in a deadlock with a session of this test.
     *
     * @return whether the cut was the one that the database ended. Of two that wait for each other the one whose second is up first is
     *         ended: that is the cut, which began first, unless the machine stood still for that second.
     */
    private boolean isEndedWhileCutting(PlannedCut cut, long bolt, long run) throws Exception {
        boolean ended = true;
        CompletableFuture<Boolean> booked;
        try (Connection other = samples.bean(DataSource.class).getConnection(); Statement holds = other.createStatement()) {
            other.setAutoCommit(false);
            holds.executeQuery("SELECT FROM stock_item WHERE id = " + bolt + " FOR UPDATE");
            booked = CompletableFuture.supplyAsync(() -> samples.bean(CutService.class).confirm(cut.id(), UUID.randomUUID(), 1));
            awaitWaiting();
            try {
                holds.executeQuery("SELECT FROM kit_run WHERE id = " + run + " FOR UPDATE");
                other.commit();
            } catch (SQLException mine) {
                assertThat(mine.getSQLState()).as(mine.getMessage()).isEqualTo(DEADLOCK);
                other.rollback();
                ended = false;
            }
        }
        assertThat(booked.get(20, TimeUnit.SECONDS)).isTrue();
        return ended;
    }

    private void awaitWaiting() {
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(20);
        while (shop.database().sql("SELECT count(*) FROM pg_locks WHERE NOT granted").query(Long.class).single() == 0) {
            assertThat(System.nanoTime()).as("nobody waited").isLessThan(until);
        }
    }
}
