package retazo.app.runs;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.runs.changes.Cause;
import retazo.app.runs.changes.ChangeBook;
import retazo.app.runs.changes.Happened;
import retazo.app.runs.changes.RunChange;
import retazo.app.stock.Reason;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;

/** What moved is told with the reason why it moved, and with no other. */
@Tag("slow")
@ExtendWith(TestShop.class)
class ReasonsTest {

    private final Samples samples;
    private final StockService stock;
    private final ChangeBook changes;

    ReasonsTest(TestShop.Shop shop, StockService stock, ChangeBook changes) {
        this.samples = new Samples(shop);
        this.stock = stock;
        this.changes = changes;
    }

    /** Both bolts of a bag lose cloth before it is planned again: no sentence lays the move of one fabric to the sale of the other. */
    @Test
    void a_sale_of_one_fabric_does_not_explain_the_move_of_another() {
        Fabric light = samples.fabric();
        Fabric dark = samples.fabric();
        long lightBolt = samples.bolt(light, "3 yd");
        long darkBolt = samples.bolt(dark, "3 yd");
        long run = samples.run(samples.kitsOfTwo(light, dark).get(0), 1);
        samples.bolt(light, "2 yd");
        samples.bolt(dark, "2 yd");
        new TransactionTemplate(samples.bean(PlatformTransactionManager.class)).executeWithoutResult(both -> {
            Samples.done(stock.take(lightBolt, Length.ofYards(3, 1), Reason.SOLD_BY_LENGTH, Samples.entry()));
            Samples.done(stock.correct(darkBolt, Length.ofInches(1), Samples.entry()));
        });

        samples.plannedAgain();

        List<RunChange> told = changes.of(run);
        assertThat(told).flatExtracting(RunChange::lines).hasSize(2);
        assertThat(told).allSatisfy(change -> change.lines().forEach(line -> {
            boolean isSold = line.from().orElseThrow() == lightBolt;
            assertThat(change.happened()).isIn(
                    Happened.ASKED, isSold ? Happened.on(lightBolt, Cause.SOLD) : Happened.on(darkBolt, Cause.MEASURED));
        }));
        assertThat(told).extracting(RunChange::happened).doesNotHaveDuplicates();
    }
}
