package retazo.app.patterns;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;

/** A version of a pattern that the rules of today refuse, with a kit of it, in the middle of a shop. */
@Tag("slow")
@ExtendWith(TestShop.class)
class UnreadableVersionTest {

    private final TestShop.Shop shop;
    private final Client owner;
    private final String name = Samples.unique("Aft deck ");
    private long pattern;
    private long kit;

    UnreadableVersionTest(TestShop.Shop shop) {
        this.shop = shop;
        this.owner = Client.of(shop, "marisol");
    }

    private long insert(String sql, Object... values) {
        return shop.database().sql(sql + " RETURNING id").params(values).query(Long.class).single();
    }

    @BeforeEach
    void keepWhatNobodyUnderstands() {
        pattern = insert("INSERT INTO pattern (version, name, created_at) VALUES (0, ?, now())", name);
        long version = insert("""
                INSERT INTO pattern_version (pattern_id, number, document, role_count, size_count, person_id, created_at)
                VALUES (?, 1, '{"format": 2, "name": "Aft deck", "roles": "none"}', 1, 1, 1, now())""", pattern);
        long colourway = insert("INSERT INTO colourway (version, pattern_id, name) VALUES (0, ?, 'Fog')", pattern);
        kit = insert("""
                INSERT INTO kit (version, pattern_version_id, size_key, colourway_id, with_binding, with_backing, instructions, created_at,
                                 follows_paper, size_name, size_position)
                VALUES (0, ?, 'crib', ?, false, false, 'OURS', now(), false, 'Crib', 1)""", version, colourway);
    }

    @AfterEach
    void takeItAway() throws SQLException {
        try (Connection connection = DriverManager.getConnection(
                shop.context().getEnvironment().getProperty("spring.datasource.url"), System.getenv("RETAZO_DB_OWNER"),
                System.getenv("RETAZO_DB_OWNER_PASSWORD"));
                Statement tables = connection.createStatement()) {
            connection.setAutoCommit(false);
            tables.execute("ALTER TABLE pattern_version DISABLE TRIGGER pattern_version_is_immutable");
            tables.execute("DELETE FROM kit WHERE id = " + kit);
            tables.execute("DELETE FROM colourway WHERE pattern_id = " + pattern);
            tables.execute("DELETE FROM pattern_version WHERE pattern_id = " + pattern);
            tables.execute("DELETE FROM pattern WHERE id = " + pattern);
            tables.execute("ALTER TABLE pattern_version ENABLE TRIGGER pattern_version_is_immutable");
            connection.commit();
        }
    }

    @Test
    void it_says_what_it_is_and_takes_no_list_down() {
        HttpResponse<String> patterns = owner.get("/patterns");
        assertThat(patterns.statusCode()).isEqualTo(200);
        assertThat(patterns.body()).contains("Kept by earlier rules", name, "Bollards");

        HttpResponse<String> one = owner.get("/patterns/" + pattern);
        assertThat(one.statusCode()).isEqualTo(422);
        assertThat(one.body()).contains("cannot be read any more", name, "roles").doesNotContain("Exception");

        HttpResponse<String> kits = owner.get("/kits?words=aft");
        assertThat(kits.statusCode()).isEqualTo(200);
        assertThat(kits.body()).contains(name + ", Crib, Fog");
        assertThat(owner.get("/kits/" + kit).statusCode()).isEqualTo(422);
    }
}
