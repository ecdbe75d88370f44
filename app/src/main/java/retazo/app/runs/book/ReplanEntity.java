package retazo.app.runs.book;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.Immutable;

/** A run is to be planned again, since cloth that was reserved for it is gone. */
@Entity
@Immutable
@Table(name = "replan")
public class ReplanEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "run_id", nullable = false)
    private long runId;

    @Column(nullable = false)
    private Instant since;

    protected ReplanEntity() {
    }

    public static ReplanEntity of(long runId, Instant since) {
        ReplanEntity asked = new ReplanEntity();
        asked.runId = runId;
        asked.since = since;
        return asked;
    }

    public long id() {
        return id;
    }

    public long runId() {
        return runId;
    }
}
