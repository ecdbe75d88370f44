package retazo.app.live;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Optional;
import java.util.Properties;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.postgresql.PGConnection;
import org.postgresql.PGProperty;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.jdbc.autoconfigure.JdbcConnectionDetails;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/**
 * Waits on a connection of its own for what the database tells after a booking, and tells the pages. While the database is away it tries
 * again; the pages look again when it is back, since nobody knows what they missed.
 */
@Component
class BookedWatch implements SmartLifecycle {

    private static final Logger LOG = LoggerFactory.getLogger(BookedWatch.class);
    private static final int PATIENCE_MILLIS = 10_000;
    private static final long AGAIN_AFTER_MILLIS = 1_000;

    /** Bookings come in bursts; pages are told once for each. */
    private static final long BURST_MILLIS = 250;

    private final JdbcConnectionDetails database;
    private final Listeners listeners;
    private CountDownLatch stopped = new CountDownLatch(0);
    private Optional<Thread> watch = Optional.empty();
    private volatile Optional<Connection> line = Optional.empty();

    BookedWatch(JdbcConnectionDetails database, Listeners listeners) {
        this.database = database;
        this.listeners = listeners;
    }

    @Override
    public void start() {
        stopped = new CountDownLatch(1);
        Thread thread = new Thread(this::watch, "booked-watch");
        thread.setDaemon(true);
        thread.start();
        watch = Optional.of(thread);
    }

    @Override
    public void stop() {
        stopped.countDown();
        watch = Optional.empty();
        line.ifPresent(BookedWatch::hangUp);
        listeners.close();
    }

    @Override
    public boolean isRunning() {
        return watch.isPresent();
    }

    private void watch() {
        boolean wasAway = false;
        while (stopped.getCount() > 0) {
            try (Connection connection = connect(); Statement statement = connection.createStatement()) {
                line = Optional.of(connection);
                statement.execute("LISTEN retazo_changed");
                if (wasAway) {
                    wasAway = false;
                    listeners.tellChanged();
                }
                hear(connection.unwrap(PGConnection.class), statement);
            } catch (SQLException away) {
                if (!wasAway && stopped.getCount() > 0) {
                    LOG.warn("Pages do not hear of bookings while the database is away: {}", away.getMessage());
                }
                wasAway = true;
                paused(AGAIN_AFTER_MILLIS);
            }
        }
    }

    private static void hangUp(Connection connection) {
        try {
            connection.close();
        } catch (SQLException gone) {
            LOG.debug("The line was gone already", gone);
        }
    }

    private Connection connect() throws SQLException {
        Properties how = new Properties();
        PGProperty.USER.set(how, database.getUsername());
        PGProperty.PASSWORD.set(how, database.getPassword());
        PGProperty.TCP_KEEP_ALIVE.set(how, true);
        PGProperty.CONNECT_TIMEOUT.set(how, 2);
        return DriverManager.getConnection(database.getJdbcUrl(), how);
    }

    /** Where nothing comes for a while, a question shows whether anybody is still there. */
    private void hear(PGConnection connection, Statement question) throws SQLException {
        while (stopped.getCount() > 0) {
            if (connection.getNotifications(PATIENCE_MILLIS).length == 0) {
                question.execute("SELECT 1");
                listeners.tellAlive();
            } else if (!paused(BURST_MILLIS)) {
                connection.getNotifications();
                listeners.tellChanged();
            }
        }
    }

    /** Waits a moment; true where the application stops meanwhile. */
    private boolean paused(long millis) {
        try {
            return stopped.await(millis, TimeUnit.MILLISECONDS);
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
            return true;
        }
    }
}
