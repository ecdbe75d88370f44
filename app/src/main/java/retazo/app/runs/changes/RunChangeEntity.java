package retazo.app.runs.changes;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.Table;
import org.hibernate.annotations.Fetch;
import org.hibernate.annotations.FetchMode;
import org.jspecify.annotations.Nullable;

/** What became of a run when it was planned again. */
@Entity
@Table(name = "run_change")
class RunChangeEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "run_id", nullable = false, updatable = false)
    private long runId;

    @Column(nullable = false, updatable = false)
    private Instant at;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false, updatable = false)
    private Cause cause;

    @Column(name = "stock_item_id", updatable = false)
    private @Nullable Long boltId;

    @Column(name = "by_run", updatable = false)
    private @Nullable Long byRun;

    @Column(name = "plan_version", nullable = false, updatable = false)
    private int planVersion;

    @Column(name = "open_bags", nullable = false, updatable = false)
    private int openBags;

    @Column(name = "seen_at")
    private @Nullable Instant seenAt;

    @Column(name = "seen_by")
    private @Nullable Long seenBy;

    @ElementCollection(fetch = FetchType.EAGER)
    @Fetch(FetchMode.SUBSELECT)
    @CollectionTable(name = "run_change_line", joinColumns = @JoinColumn(name = "run_change_id"))
    private List<LineChangeValue> lines = new ArrayList<>();

    protected RunChangeEntity() {
    }

    static RunChangeEntity of(RunChange change) {
        RunChangeEntity entity = new RunChangeEntity();
        entity.runId = change.runId();
        entity.at = change.at();
        entity.cause = change.happened().cause();
        entity.boltId = change.happened().boltId().orElse(null);
        entity.byRun = change.happened().byRun().orElse(null);
        entity.planVersion = change.planVersion();
        entity.openBags = change.openBags();
        change.lines().stream().map(LineChangeValue::of).forEach(entity.lines::add);
        return entity;
    }

    void see(long personId, Instant now) {
        if (seenAt == null) {
            seenAt = now;
            seenBy = personId;
        }
    }

    long id() {
        return id;
    }

    RunChange toChange() {
        return new RunChange(
                id, runId, at, new Happened(cause, Optional.ofNullable(boltId), Optional.ofNullable(byRun)), planVersion, openBags,
                seenAt != null, lines.stream().map(LineChangeValue::toLine).toList());
    }
}
