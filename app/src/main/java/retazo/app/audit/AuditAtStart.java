package retazo.app.audit;

import jakarta.persistence.PersistenceException;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;

/** Looks at the book whenever the application has started, while people work already, and writes into the log what does not agree. */
@Component
class AuditAtStart {

    private static final Logger LOG = LoggerFactory.getLogger(AuditAtStart.class);

    private final BookAudit audit;

    AuditAtStart(BookAudit audit) {
        this.audit = audit;
    }

    @EventListener(ApplicationReadyEvent.class)
    void start() {
        Thread thread = new Thread(this::look, "book-audit");
        thread.setDaemon(true);
        thread.start();
    }

    private void look() {
        try {
            List<String> differences = audit.differences();
            differences.forEach(LOG::error);
            if (differences.isEmpty()) {
                LOG.info("The movement book and what was done agree.");
            }
        } catch (DataAccessException | TransactionException | PersistenceException e) {
            LOG.warn("The movement book could not be looked at: {}", e.getMessage());
        }
    }
}
