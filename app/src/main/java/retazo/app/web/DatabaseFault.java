package retazo.app.web;

import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.jdbc.CannotGetJdbcConnectionException;
import org.springframework.transaction.CannotCreateTransactionException;

/** What is wrong with the database as a whole, where something failed for that reason. */
enum DatabaseFault {
    /** It does not answer. */
    AWAY,
    /** It has no room left on its disk: what is there can be read, and nothing is added. */
    FULL;

    private static final String NO_ROOM = "53100";
    private static final int MOST_CAUSES = 10;

    static Optional<DatabaseFault> of(Throwable fault) {
        Supplier<Stream<Throwable>> causes = () -> Stream.iterate(fault, cause -> cause != null, Throwable::getCause).limit(MOST_CAUSES);
        if (causes.get().anyMatch(cause -> cause instanceof SQLException sql && NO_ROOM.equals(sql.getSQLState()))) {
            return Optional.of(FULL);
        }
        return causes.get().anyMatch(DatabaseFault::isAway) ? Optional.of(AWAY) : Optional.empty();
    }

    private static boolean isAway(Throwable cause) {
        return cause instanceof CannotGetJdbcConnectionException || cause instanceof CannotCreateTransactionException
                || cause instanceof DataAccessResourceFailureException || cause instanceof SQLTransientConnectionException;
    }
}
