package retazo.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Connection;
import java.util.Map;
import java.util.Objects;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.io.ClassPathResource;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.init.ScriptUtils;
import org.springframework.core.io.support.EncodedResource;
import retazo.app.audit.BookAudit;

/** A shop that began with the first tables and a pattern of the first format, brought up to today's by starting the application. */
@Tag("slow")
class MigrationTest {

    private static final String URL = Objects.requireNonNull(System.getenv("RETAZO_DB_URL")).replaceFirst("_\\d+$", "_migrations");
    private static final String OWNER = System.getenv("RETAZO_DB_OWNER");
    private static final String PASSWORD = System.getenv("RETAZO_DB_OWNER_PASSWORD");

    private static void openAsItWas() throws SQLException {
        Flyway.configure().dataSource(URL, OWNER, PASSWORD).placeholders(Map.of("appUser", System.getenv("RETAZO_DB_USER"))).target("2")
                .load()
                .migrate();
        try (Connection connection = DriverManager.getConnection(URL, OWNER, PASSWORD)) {
            ScriptUtils.executeSqlScript(
                    connection, new EncodedResource(new ClassPathResource("shop-of-the-first-tables.sql"), StandardCharsets.UTF_8));
        }
    }

    @Test
    void a_shop_of_the_first_tables_goes_on_with_all_it_had() throws SQLException {
        openAsItWas();

        try (ConfigurableApplicationContext today = SpringApplication.run(
                App.class, "--server.port=0", "--spring.main.banner-mode=off", "--spring.datasource.url=" + URL)) {
            assertThat(today.getBean(BookAudit.class).differences()).isEmpty();
            JdbcClient database = JdbcClient.create(today.getBean(javax.sql.DataSource.class));
            assertThat(database.sql("SELECT on_hand_ticks FROM stock_item WHERE code = '0001' AND started").query(Long.class).single())
                    .isEqualTo(219_456_000L - 5_486_400L);
            Client owner = Client.at("http://127.0.0.1:" + today.getEnvironment().getProperty("local.server.port"), "first");
            assertThat(database.sql("SELECT seen_as FROM fabric WHERE code = 'DECK'").query(String.class).single()).contains("brown");
            assertThat(owner.get("/patterns/1").body()).contains("Old pier", "deck", "Crib");
            assertThat(owner.get("/kits/1").body()).contains("Old pier", "Low water", "can be made now");
            assertThat(owner.get("/runs/1").body()).contains("bag 1: 1/4 yd, cut", "packed", "to be cut");
            assertThat(owner.get("/cutting/1/1").body()).contains("Deck brown", "cut 2 of 2");
            assertThat(owner.get("/packing/bags/2").body()).contains("Deck brown", "still to be cut");
            assertThat(owner.get("/shelf/1").body()).contains("sold");
            assertThat(owner.get("/stock/bolts/1").body()).contains("cut taken back");
            assertThat(owner.get("/practice").body()).contains("5 %");
        }
    }
}
