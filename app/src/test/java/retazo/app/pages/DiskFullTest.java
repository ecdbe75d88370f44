package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;

/** A database that refuses what is written to one of its tables, as it does when no room is left on its disk. */
@Tag("slow")
@ExtendWith(TestShop.class)
class DiskFullTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final StockService stock;
    private final JdbcClient owner;

    DiskFullTest(TestShop.Shop shop, StockService stock) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.stock = stock;
        this.owner = JdbcClient.create(new DriverManagerDataSource(
                shop.context().getEnvironment().getProperty("spring.datasource.url"), System.getenv("RETAZO_DB_OWNER"),
                System.getenv("RETAZO_DB_OWNER_PASSWORD")));
    }

    @Test
    void what_is_not_booked_for_want_of_room_is_told_and_counts_once_when_there_is_room_again() {
        long bolt = samples.bolt(samples.fabric(), "4 yd");
        Map<String, String> cut = Map.of("boltId", Long.toString(bolt), "length", "1 yd", "clientId", UUID.randomUUID().toString());
        Client counter = Client.at(shop.address(), "ada");

        full("movement", () -> {
            HttpResponse<String> answer = counter.post("/counter/cut", cut);

            assertThat(answer.statusCode()).isEqualTo(503);
            assertThat(answer.body()).contains("The disk of the shop’s server is full", "was not booked");
        });
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(144));

        counter.post("/counter/cut", cut);
        counter.post("/counter/cut", cut);
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(108));
        assertThat(counter.get("/actuator/health/readiness").statusCode()).isEqualTo(200);
    }

    @Test
    void who_was_seen_cannot_be_kept_and_the_page_says_why() {
        Client counter = Client.at(shop.address(), "ada");

        full("spring_session", () -> {
            HttpResponse<String> answer = counter.get("/stock");

            assertThat(answer.statusCode()).isEqualTo(503);
            assertThat(answer.body()).contains("The disk of the shop’s server is full").doesNotContain("Exception");
        });

        assertThat(counter.get("/stock").statusCode()).isEqualTo(200);
    }

    private void full(String table, Runnable meanwhile) {
        owner.sql("""
                CREATE FUNCTION no_room() RETURNS trigger LANGUAGE plpgsql AS $$
                BEGIN RAISE EXCEPTION 'could not extend file' USING ERRCODE = '53100'; END $$""").update();
        owner.sql("CREATE TRIGGER no_room BEFORE INSERT OR UPDATE ON " + table + " FOR EACH ROW EXECUTE FUNCTION no_room()").update();
        try {
            meanwhile.run();
        } finally {
            owner.sql("DROP FUNCTION no_room CASCADE").update();
        }
    }
}
