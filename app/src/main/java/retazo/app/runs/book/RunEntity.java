package retazo.app.runs.book;

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
import java.time.LocalDate;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import retazo.core.bolt.promise.Priority;

/** A run; its lines, bags and cuts stand in tables of their own. */
@Entity
@Table(name = "kit_run")
public class RunEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private RunState state;

    @Column(name = "plan_version", nullable = false)
    private int planVersion;

    @Column(name = "person_id", nullable = false, updatable = false)
    private long personId;

    @Column(name = "created_at", nullable = false, updatable = false)
    private Instant createdAt;

    @Column(name = "confirmed_at")
    private @Nullable Instant confirmedAt;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private Priority priority = Priority.USUAL;

    /** Whether it only holds bags that were found on the shelf. */
    @Column(nullable = false, updatable = false)
    private boolean found;

    @Column(name = "needed_on")
    private @Nullable LocalDate neededOn;

    protected RunEntity() {
    }

    public static RunEntity draft(Run.Turn turn, long personId, Instant now) {
        RunEntity run = new RunEntity();
        run.takeTurn(turn);
        run.state = RunState.DRAFT;
        run.personId = personId;
        run.createdAt = now;
        return run;
    }

    /** One that only holds bags that were found on the shelf, packed by nobody here. */
    public static RunEntity found(long personId, Instant now) {
        RunEntity run = draft(Run.Turn.USUAL, personId, now);
        run.found = true;
        run.confirm(now);
        run.state = RunState.PACKED;
        return run;
    }

    public void confirm(Instant now) {
        state = RunState.CONFIRMED;
        confirmedAt = now;
        planVersion = 1;
    }

    /** When it is its turn among others. */
    public void takeTurn(Run.Turn turn) {
        priority = turn.priority();
        neededOn = turn.neededOn().orElse(null);
    }

    public Run.Turn turn() {
        return new Run.Turn(priority, Optional.ofNullable(neededOn), Optional.ofNullable(confirmedAt));
    }

    public void become(RunState newState) {
        state = newState;
    }

    /** A plan that differs from the one before has the next number. */
    public int nextPlan() {
        planVersion++;
        return planVersion;
    }

    public long id() {
        return id;
    }

    public RunState state() {
        return state;
    }

    public int planVersion() {
        return planVersion;
    }

    public Instant createdAt() {
        return createdAt;
    }
}
