package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.RunBook;
import retazo.app.stock.Reason;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;

/** Counter staff with a customer waiting, over plain HTTP and without script. */
@Tag("slow")
@ExtendWith(TestShop.class)
class CounterTest {

    private static final Pattern BOLT = Pattern.compile("name=\"boltId\"\\s+value=\"(\\d+)\"");

    private final Samples samples;
    private final StockService stock;
    private final RunBook runs;
    private final Client ada;

    CounterTest(TestShop.Shop shop, StockService stock, RunBook runs) {
        this.samples = new Samples(shop);
        this.stock = stock;
        this.runs = runs;
        this.ada = Client.of(shop, "ada");
    }

    /** Of a new bolt of 54 in and a started one of 90, both leave a sellable rest: the started one goes first. */
    @Test
    void the_bolt_is_proposed_whose_rest_is_best_and_named_before_it_is_booked() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "54 in");
        long started = samples.bolt(fabric, "100 in");
        Samples.done(stock.take(started, Length.ofInches(10), Reason.SOLD_BY_LENGTH, Samples.entry()));

        String proposal = propose(fabric.code(), "1 yd");

        assertThat(proposal).contains("bolt <span class=\"strong\">" + stock.bolt(started).code(), "free to sell", "Cut and book");
        assertThat(stock.bolt(started).onHand()).isEqualTo(Length.ofInches(90));
    }

    @Test
    void a_cut_sent_twice_is_booked_once_and_can_be_taken_back() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "3 yd");
        String once = UUID.randomUUID().toString();
        propose(fabric.code(), "3/4");

        for (int i = 0; i < 2; i++) {
            ada.post("/counter/cut", Map.of("boltId", Long.toString(bolt), "length", "3/4", "clientId", once));
        }

        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(81));
        long line = stock.linesOf(bolt, 1).get(0).id();
        ada.get("/stock/bolts/" + bolt);
        ada.post("/stock/bolts/" + bolt + "/undo", Map.of("movement", Long.toString(line), "clientId", UUID.randomUUID().toString()));
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofYards(3, 1));
        assertThat(ada.get("/stock/bolts/" + bolt).body()).contains("sold at the counter", "taken back");
    }

    @Test
    void reserved_cloth_is_sold_only_knowingly_and_its_run_is_planned_again() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "90 in");
        long run = samples.run(samples.kit(fabric), 2);

        assertThat(propose(fabric.code(), "1 yd")).contains("27", "of this is reserved, for a run", "Sell it all the same");
        String refused = ada.post("/counter/cut", Map.of(
                "boltId", Long.toString(bolt), "length", "1 yd", "clientId", UUID.randomUUID().toString())).body();
        assertThat(refused).contains("Only 9 in is free now");
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(90));
        ada.post("/counter/cut", Map.of(
                "boltId", Long.toString(bolt), "length", "1 yd", "despite", "yes", "clientId", UUID.randomUUID().toString()));

        samples.plannedAgain();
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(54));
        assertThat(runs.bags(Set.of(run)).get(run)).extracting(Bag::waits).containsExactly(false, true);
    }

    @Test
    void a_decimal_that_may_be_a_third_is_kept_and_the_third_offered() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "3 yd");

        assertThat(propose(fabric.code(), "1.33")).contains("Exactly as typed. Did you mean 1 1/3 yd?");
    }

    @Test
    void a_bolt_can_be_named_by_its_number() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "3 yd");
        samples.bolt(fabric, "1 yd");

        Matcher proposed = BOLT.matcher(propose(stock.bolt(bolt).code(), "1 yd"));

        assertThat(proposed.find()).isTrue();
        assertThat(proposed.group(1)).isEqualTo(Long.toString(bolt));
    }

    private String propose(String what, String length) {
        return ada.get("/counter?words=" + URLEncoder.encode(what + " " + length, StandardCharsets.UTF_8)).body();
    }
}
