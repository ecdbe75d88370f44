package retazo.app.runs.packets;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

import java.time.Instant;

/** A stack that somebody cut. */
@Entity
@Table(name = "stack_record")
class StackRecordEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "job_id", nullable = false, updatable = false)
    private long jobId;

    @Column(nullable = false, updatable = false)
    private String step;

    @Column(nullable = false, updatable = false)
    private int good;

    @Column(nullable = false, updatable = false)
    private int spoilt;

    @Column(name = "person_id", nullable = false, updatable = false)
    private long personId;

    @Column(nullable = false, updatable = false)
    private Instant at;

    @Column(nullable = false)
    private boolean undone;

    protected StackRecordEntity() {
    }

    static StackRecordEntity of(long jobId, StackRecord record) {
        StackRecordEntity entity = new StackRecordEntity();
        entity.jobId = jobId;
        entity.step = record.step();
        entity.good = record.good();
        entity.spoilt = record.spoilt();
        entity.personId = record.personId();
        entity.at = record.at();
        return entity;
    }

    long jobId() {
        return jobId;
    }

    StackRecord toRecord() {
        return new StackRecord(step, good, spoilt, personId, at);
    }

    void undo() {
        undone = true;
    }
}
