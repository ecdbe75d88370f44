package retazo.app.runs.changes;

import java.time.Instant;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

/** Somebody's press by which a run took cloth from later ones. */
@Entity
@Table(name = "run_taking")
public class RunTakingEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "run_id", nullable = false, updatable = false)
    private long runId;

    @Column(name = "person_id", nullable = false, updatable = false)
    private long personId;

    @Column(nullable = false, updatable = false)
    private Instant at;

    @Column(name = "undone_at")
    private @Nullable Instant undoneAt;

    protected RunTakingEntity() {
    }

    public static RunTakingEntity of(long runId, long personId, Instant at) {
        RunTakingEntity taking = new RunTakingEntity();
        taking.runId = runId;
        taking.personId = personId;
        taking.at = at;
        return taking;
    }

    public void undo(Instant now) {
        undoneAt = now;
    }

    public boolean isUndone() {
        return undoneAt != null;
    }

    public long id() {
        return id;
    }

    public long runId() {
        return runId;
    }
}
