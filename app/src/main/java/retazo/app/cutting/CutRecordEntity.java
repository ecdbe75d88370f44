package retazo.app.cutting;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import retazo.app.runs.book.PlannedCut;
import retazo.core.measure.Length;

/** What a cutter really did at a step of a ticket. */
@Entity
@Table(name = "cut_record")
class CutRecordEntity {

    /** What came of it. */
    enum Outcome {
        GOOD,
        SHORT,
        FLAW,
        /** A length in front was put aside as a bolt of its own, so that the cut lies behind it. */
        ASIDE
    }

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "planned_cut_id", nullable = false, updatable = false)
    private long plannedCutId;

    @Column(name = "run_id", nullable = false, updatable = false)
    private long runId;

    @Column(name = "stock_item_id", nullable = false, updatable = false)
    private long boltId;

    @Column(name = "client_id", nullable = false, updatable = false)
    private UUID clientId;

    @Column(name = "real_ticks", nullable = false, updatable = false)
    private Length real;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false, updatable = false)
    private Outcome outcome;

    @Column(name = "person_id", nullable = false, updatable = false)
    private long personId;

    @Column(nullable = false, updatable = false)
    private Instant at;

    @Column(nullable = false)
    private boolean undone;

    protected CutRecordEntity() {
    }

    static CutRecordEntity of(PlannedCut cut, UUID clientId, Length real, Outcome outcome, long personId, Instant at) {
        CutRecordEntity entity = new CutRecordEntity();
        entity.plannedCutId = cut.id();
        entity.runId = cut.runId();
        entity.boltId = cut.boltId();
        entity.clientId = clientId;
        entity.real = real;
        entity.outcome = outcome;
        entity.personId = personId;
        entity.at = at;
        return entity;
    }

    void undo() {
        undone = true;
    }

    long plannedCutId() {
        return plannedCutId;
    }

    UUID clientId() {
        return clientId;
    }

    Length real() {
        return real;
    }

    Outcome outcome() {
        return outcome;
    }

    long personId() {
        return personId;
    }

    Instant at() {
        return at;
    }
}
