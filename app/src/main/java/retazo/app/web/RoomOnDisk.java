package retazo.app.web;

import java.util.concurrent.atomic.AtomicBoolean;
import org.springframework.boot.health.contributor.Health;
import org.springframework.boot.health.contributor.HealthIndicator;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Whether the database has room on its disk, for readiness: it has, until something failed for want of it; then it is tried each time that
 * somebody asks, with some that is given back at once.
 */
@Component("room")
class RoomOnDisk implements HealthIndicator {

    /** 64 KB that do not become smaller when they are packed. */
    private static final String TRY = """
            CREATE TEMPORARY TABLE room ON COMMIT DROP AS
            SELECT string_agg(md5(random()::text), '') AS filling FROM generate_series(1, 2000)""";

    private final JdbcClient database;
    private final TransactionOperations transactions;
    private final AtomicBoolean full = new AtomicBoolean();

    RoomOnDisk(JdbcClient database, TransactionOperations transactions) {
        this.database = database;
        this.transactions = transactions;
    }

    /** Something failed since there is no room left. */
    void isMissing() {
        full.set(true);
    }

    @Override
    public Health health() {
        if (!full.get()) {
            return Health.up().build();
        }
        try {
            transactions.executeWithoutResult(within -> {
                database.sql(TRY).update();
                within.setRollbackOnly();
            });
            full.set(false);
            return Health.up().build();
        } catch (DataAccessException | TransactionException fault) {
            return Health.outOfService().build();
        }
    }
}
