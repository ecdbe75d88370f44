package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import retazo.app.App;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.core.measure.Length;
import retazo.app.stock.StockService;

/** A second copy whose line to the database is cut, or falls silent. */
@Tag("slow")
@ExtendWith(TestShop.class)
class DatabaseAwayTest {

    private static final Duration SOON = Duration.ofSeconds(20);

    private final TestShop.Shop shop;
    private final Samples samples;

    DatabaseAwayTest(TestShop.Shop shop) {
        this.shop = shop;
        this.samples = new Samples(shop);
    }

    @Test
    void a_page_says_so_soon_and_all_goes_on_by_itself_once_it_is_back() throws IOException {
        String url = shop.context().getEnvironment().getProperty("spring.datasource.url");
        URI database = URI.create(url.substring("jdbc:".length()));
        try (Line line = new Line(database.getHost(), database.getPort());
                ConfigurableApplicationContext copy = SpringApplication.run(
                        App.class, "--server.port=0", "--retazo.demo=true", "--spring.main.banner-mode=off",
                        "--spring.datasource.url=" + url.replace(":" + database.getPort() + "/", ":" + line.port() + "/"))) {
            Client owner = Client.at("http://127.0.0.1:" + copy.getEnvironment().getProperty("local.server.port"), "marisol");
            long bolt = samples.bolt(samples.fabric(), "4 yd");
            assertThat(owner.get("/stock").statusCode()).isEqualTo(200);

            line.cut();
            isAwayAt(owner, bolt);
            line.mend();
            isBackFor(owner);
            assertThat(owner.get("/actuator/health/readiness").statusCode()).isEqualTo(200);

            line.fallSilent();
            isAwayAt(owner, bolt);
            line.mend();
            isBackFor(owner);
            assertThat(samples.bean(StockService.class).bolt(bolt).onHand()).isEqualTo(Length.ofInches(144));
        }
    }

    /** Whoever tries again sees it soon, still signed in. */
    private static void isBackFor(Client owner) {
        long until = System.nanoTime() + SOON.toNanos();
        while (owner.getWithin(SOON, "/stock").statusCode() != 200) {
            assertThat(System.nanoTime()).as("it did not come back").isLessThan(until);
        }
        assertThat(owner.get("/stock").uri().getPath()).isEqualTo("/stock");
    }

    /** Told, and not left waiting until the line gives up by itself. */
    private static void isAwayAt(Client owner, long bolt) {
        HttpResponse<String> page = owner.getWithin(SOON, "/stock");
        assertThat(page.statusCode()).isEqualTo(503);
        assertThat(page.body()).contains("cannot be reached").doesNotContain("Exception");
        HttpResponse<String> sent = owner.postWithin(SOON, "/counter/cut", Map.of(
                "boltId", Long.toString(bolt), "length", "1 yd", "clientId", UUID.randomUUID().toString()));
        assertThat(sent.statusCode()).isEqualTo(503);
        assertThat(sent.body()).contains("is not known");
        assertThat(owner.getWithin(SOON, "/actuator/health/readiness").statusCode()).isEqualTo(503);
    }
}
