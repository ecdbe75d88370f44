package retazo.app.audit;

import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.List;
import org.hibernate.Session;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.shared.Words;

/** Looks whether the movement book and what was done agree. */
@Service
public class BookAudit {

    private static final int MOST_OF_A_RULE = 20;
    private static final int PATIENCE_MILLIS = 600_000;

    private final EntityManager entities;
    private final Words words;

    BookAudit(EntityManager entities, Words words) {
        this.entities = entities;
        this.words = words;
    }

    /** What does not agree, in words, at most twenty of a kind; all as it was at one moment, whoever books meanwhile. */
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    public List<String> differences() {
        // A page gives up after ten seconds without an answer; this may count a million lines.
        entities.unwrap(Session.class).doWork(connection -> connection.setNetworkTimeout(Runnable::run, PATIENCE_MILLIS));
        List<String> found = new ArrayList<>();
        for (BookRule rule : BookRule.values()) {
            for (Object which : entities.createNativeQuery(rule.broken(), String.class).setMaxResults(MOST_OF_A_RULE).getResultList()) {
                found.add(words.text("audit." + rule.name(), which));
            }
        }
        return found;
    }
}
