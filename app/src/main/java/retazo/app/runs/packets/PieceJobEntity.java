package retazo.app.runs.packets;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import retazo.core.measure.Length;

/** The pieces of one source, from their first stack on. */
@Entity
@Table(name = "piece_job")
class PieceJobEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "run_id", nullable = false, updatable = false)
    private long runId;

    @Column(name = "planned_cut_id", updatable = false)
    private @Nullable Long cutId;

    @Column(name = "kit_id", updatable = false)
    private @Nullable Long kitId;

    @Column(name = "good_id", updatable = false)
    private @Nullable Long goodId;

    @Column(name = "done_at")
    private @Nullable Instant doneAt;

    @Column(name = "done_by")
    private @Nullable Long doneBy;

    @Column(name = "cut_again_ticks", nullable = false)
    private Length cutAgain = Length.ZERO;

    protected PieceJobEntity() {
    }

    static PieceJobEntity of(PieceSource source) {
        PieceJobEntity job = new PieceJobEntity();
        job.runId = source.runId();
        job.cutId = source.cutId().orElse(null);
        job.kitId = source.precut().map(PieceSource.OfKit::kitId).orElse(null);
        job.goodId = source.precut().map(PieceSource.OfKit::goodId).orElse(null);
        return job;
    }

    long id() {
        return id;
    }

    PieceSource source() {
        return new PieceSource(runId, Optional.ofNullable(cutId), kitId == null || goodId == null
                ? Optional.empty()
                : Optional.of(new PieceSource.OfKit(kitId, goodId)));
    }

    boolean isDone() {
        return doneAt != null;
    }

    Length cutAgain() {
        return cutAgain;
    }

    void cutAgain(Length more) {
        cutAgain = cutAgain.plus(more);
    }

    void done(long personId, Instant at) {
        doneBy = personId;
        doneAt = at;
    }

    void open() {
        doneBy = null;
        doneAt = null;
    }
}
