package retazo.app.today;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.runs.RunDrafts;
import retazo.app.runs.book.Run;

/** What Today says of runs of its own, and in which order. */
@Tag("slow")
@ExtendWith(TestShop.class)
class TodayServiceTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final RunDrafts drafts;

    TodayServiceTest(TestShop.Shop shop, RunDrafts drafts) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.drafts = drafts;
    }

    /**
     * Two bags take 40 1/2 in each of one bolt of 3 yd. A count of 1 3/4 yd, 63 in, leaves room for one: the other waits for 1 1/8 yd, and
     * stands before what can be cut, and that before a draft.
     */
    @Test
    void what_stops_stands_first_with_the_cloth_it_needs_then_what_can_be_cut_then_drafts() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "3 yd");
        long kit = samples.kit(fabric);
        long run = samples.run(kit, 2);
        long draft = drafts.draft(List.of(new Run.Asked(kit, 1)), 1);
        Client owner = Client.of(shop, "marisol");
        owner.get("/stock/bolts/" + bolt);
        owner.post("/stock/bolts/" + bolt + "/count", Map.of("counted", "1 3/4 yd", "clientId", java.util.UUID.randomUUID().toString()));
        owner.get("/runs/" + run);
        owner.post("/runs/" + run + "/plan-again", Map.of());

        String today = owner.get("/").body().replaceAll("<[^>]+>", " ").replaceAll("\\s+", " ");

        assertThat(today).contains("Run " + run + " is stopped", "1 bag still needs cloth: 1 1/8 yd " + fabric.name(),
                "1 length to cut, 1 bolt to fetch");
        assertThat(today.indexOf("Run " + run + " is stopped")).isLessThan(today.indexOf("Cut run " + run + ","));
        assertThat(today.indexOf("Cut run " + run + ",")).isLessThan(today.indexOf("Decide about run " + draft + ","));
    }
}
