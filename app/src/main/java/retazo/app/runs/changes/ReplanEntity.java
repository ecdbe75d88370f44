package retazo.app.runs.changes;

import java.time.Instant;
import java.util.Optional;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.hibernate.annotations.Immutable;
import org.jspecify.annotations.Nullable;

/** A run is to be planned again, and why. */
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

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private Cause cause;

    @Column(name = "stock_item_id")
    private @Nullable Long boltId;

    @Column(name = "by_run")
    private @Nullable Long byRun;

    protected ReplanEntity() {
    }

    public static ReplanEntity of(long runId, Happened happened, Instant since) {
        ReplanEntity asked = new ReplanEntity();
        asked.runId = runId;
        asked.since = since;
        asked.cause = happened.cause();
        asked.boltId = happened.boltId().orElse(null);
        asked.byRun = happened.byRun().orElse(null);
        return asked;
    }

    public long id() {
        return id;
    }

    public long runId() {
        return runId;
    }

    public Happened happened() {
        return new Happened(cause, Optional.ofNullable(boltId), Optional.ofNullable(byRun));
    }
}
