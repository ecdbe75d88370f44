package retazo.app.runs;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** One bag of a run. */
@Entity
@Table(name = "bag")
class BagEntity {

    /** How far a bag is, apart from its cuts. */
    enum State {
        OPEN,
        PACKED,
        LEFT_OUT
    }

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    @Column(name = "run_id", nullable = false, updatable = false)
    private long runId;

    @Column(nullable = false, updatable = false)
    private int number;

    @Column(name = "kit_id", nullable = false, updatable = false)
    private long kitId;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private State state;

    @Column(name = "packed_at")
    private @Nullable Instant packedAt;

    @Column(name = "packed_by")
    private @Nullable Long packedBy;

    protected BagEntity() {
    }

    static BagEntity of(long runId, int number, long kitId) {
        BagEntity bag = new BagEntity();
        bag.runId = runId;
        bag.number = number;
        bag.kitId = kitId;
        bag.state = State.OPEN;
        return bag;
    }

    void pack(long personId, Instant now) {
        state = State.PACKED;
        packedBy = personId;
        packedAt = now;
    }

    void leaveOut() {
        state = State.LEFT_OUT;
    }

    long id() {
        return id;
    }

    long runId() {
        return runId;
    }

    int number() {
        return number;
    }

    long kitId() {
        return kitId;
    }

    State state() {
        return state;
    }

    boolean isOpen() {
        return state == State.OPEN;
    }
}
