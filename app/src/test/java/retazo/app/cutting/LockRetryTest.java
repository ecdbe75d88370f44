package retazo.app.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
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

    private final TestShop.Shop shop;
    private final Samples samples;

    LockRetryTest(TestShop.Shop shop) {
        this.shop = shop;
        this.samples = new Samples(shop);
    }

    @Test
    void a_cut_that_the_database_ended_for_a_deadlock_is_booked_once() throws Exception {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "4 yd");
        long run = samples.run(samples.kit(fabric), 1);
        PlannedCut cut = samples.bean(RunBook.class).currentCuts(Set.of(run)).get(0);
        Length before = samples.bean(StockService.class).bolt(bolt).onHand();
        CompletableFuture<Boolean> booked;
        try (Connection other = samples.bean(DataSource.class).getConnection(); Statement holds = other.createStatement()) {
            other.setAutoCommit(false);
            holds.executeQuery("SELECT FROM stock_item WHERE id = " + bolt + " FOR UPDATE");
            booked = CompletableFuture.supplyAsync(() -> samples.bean(CutService.class).confirm(cut.id(), UUID.randomUUID(), 1));
            awaitWaiting();
            // Who began to wait first looks first whether the other waits too, and is ended.
            holds.executeQuery("SELECT FROM kit_run WHERE id = " + run + " FOR UPDATE");
            other.commit();
        }

        assertThat(booked.get(20, TimeUnit.SECONDS)).isTrue();
        assertThat(samples.bean(StockService.class).bolt(bolt).onHand()).isEqualTo(before.minus(cut.length()));
        assertThat(shop.database().sql("SELECT count(*) FROM cut_record WHERE run_id = ?").param(run).query(Long.class).single()).isOne();
    }

    private void awaitWaiting() {
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(20);
        while (shop.database().sql("SELECT count(*) FROM pg_locks WHERE NOT granted").query(Long.class).single() == 0) {
            assertThat(System.nanoTime()).as("nobody waited").isLessThan(until);
        }
    }
}
