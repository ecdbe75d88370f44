package retazo.app.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.KitBook;
import retazo.app.runs.book.RunBook;
import retazo.app.stock.NewBolt;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;

/** Whoever holds something in the hand finds it by what stands on it, or by a part of that. */
@Tag("slow")
@ExtendWith(TestShop.class)
class SearchTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final StockService stock;
    private final Client owner;

    SearchTest(TestShop.Shop shop, StockService stock) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.stock = stock;
        this.owner = Client.of(shop, "marisol");
    }

    @Test
    void a_bolt_is_found_by_number_lot_and_place_in_any_order() {
        Fabric fabric = samples.fabric();
        long bolt = Samples.done(stock.receive(
                new NewBolt(Samples.unique("ZQ-"), fabric.id(), "lot77x", "loft 12", Length.ofInches(40), Length.ofYards(2, 1), true),
                Samples.entry()));
        String code = stock.bolt(bolt).code();

        for (String words : new String[] {code, code.toLowerCase(Locale.ROOT), "LOT77X loft", "12 lot77", "loft " + fabric.code()}) {
            assertThat(found(owner, words)).as(words).contains("/stock/bolts/" + bolt + "\"");
            assertThat(owner.get("/stock?words=" + encoded(words)).body()).as(words).contains(code);
        }
        assertThat(found(owner, "lot77x cellar")).contains("Nothing has");
        long parts = Samples.done(stock.receive(
                new NewBolt(Samples.unique("A12-"), fabric.id(), "lot77y", "loft 3", Length.ofInches(40), Length.ofYards(2, 1), true),
                Samples.entry()));
        assertThat(found(owner, "loft 12")).containsSubsequence("/stock/bolts/" + bolt + "\"", "/stock/bolts/" + parts + "\"");
        assertThat(owner.get("/search?find=" + encoded(code)).uri().getPath()).isEqualTo("/stock/bolts/" + bolt);
    }

    @Test
    void fabrics_and_kits_are_found_by_the_colour_that_is_seen() {
        Fabric navy = samples.fabric();
        long kit = samples.kit(navy);

        assertThat(found(owner, navy.code() + " navy")).contains("words=" + navy.code());
        assertThat(found(owner, navy.code() + " yellow")).contains("Nothing has");
        String pattern = samples.bean(KitBook.class).kit(kit).pattern().name();
        assertThat(found(owner, pattern + " blue")).contains("/kits/" + kit + "\"");
        assertThat(found(owner, pattern + " pink")).doesNotContain("/kits/" + kit + "\"");
    }

    @Test
    void a_run_and_a_bag_are_found_by_their_numbers_by_those_who_may_open_them() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "3 yd");
        long run = samples.run(samples.kit(fabric), 1);
        String bag = samples.bean(RunBook.class).bags(Set.of(run)).get(run).get(0).code();

        assertThat(found(owner, "run " + run)).contains("/runs/" + run + "\"");
        assertThat(found(owner, bag)).contains("/shelf/bags/" + bag + "\"");
        Client cutter = Client.of(shop, "nele");
        assertThat(found(cutter, "run " + run)).doesNotContain("/runs/");
        assertThat(found(cutter, bag)).doesNotContain("/shelf/");
    }

    @Test
    void signs_of_the_database_are_looked_for_as_they_are() {
        assertThat(found(owner, "%")).contains("Nothing has");
        assertThat(found(owner, "_ \\")).contains("Nothing has");
        assertThat(found(owner, "  ")).contains("Type what you hold in the hand");
    }

    private static String found(Client client, String words) {
        HttpResponse<String> answer = client.get("/search/found?find=" + encoded(words));
        assertThat(answer.statusCode()).as(words).isEqualTo(200);
        return answer.body();
    }

    private static String encoded(String words) {
        return URLEncoder.encode(words, StandardCharsets.UTF_8);
    }
}
