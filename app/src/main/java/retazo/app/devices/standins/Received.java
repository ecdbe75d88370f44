package retazo.app.devices.standins;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;

/** What devices outside were told. They keep it for themselves, whatever becomes of whoever told them. */
@Component
@ConditionalOnProperty("retazo.standins")
class Received {

    private static final int SHOWN = 30;

    private final JdbcClient database;
    private final TransactionTemplate apart;
    private final Clock clock;

    Received(JdbcClient database, PlatformTransactionManager transactions, Clock clock) {
        this.database = database;
        this.apart = new TransactionTemplate(transactions);
        this.apart.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
        this.clock = clock;
    }

    /** Something a device was told, and how often. */
    record Told(String device, String body, int times, Instant at) {
    }

    /** Keeps it; told again with the same key it is kept once. */
    void keep(UUID key, String device, String body) {
        apart.executeWithoutResult(status -> database.sql("""
                INSERT INTO standin_received (key, device, body, at) VALUES (:key, :device, :body, :at)
                ON CONFLICT (key) DO UPDATE SET times = standin_received.times + 1""")
                .param("key", key).param("device", device).param("body", body).param("at", clock.instant().atOffset(ZoneOffset.UTC))
                .update());
    }

    /** The newest first. */
    List<Told> newest() {
        return database.sql("SELECT device, body, times, at FROM standin_received ORDER BY at DESC LIMIT " + SHOWN)
                .query((row, number) -> new Told(
                        row.getString("device"), row.getString("body"), row.getInt("times"), row.getTimestamp("at").toInstant()))
                .list();
    }
}
