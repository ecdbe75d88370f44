package retazo.app.runs.instead;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import org.hibernate.annotations.Immutable;
import org.jspecify.annotations.Nullable;

/** Somebody's decision that bags which were asked as one kit are made as another. */
@Entity
@Immutable
@Table(name = "run_instead")
class RunInsteadEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "run_id", nullable = false)
    private long runId;

    @Column(name = "kit_id", nullable = false)
    private long kitId;

    @Column(name = "instead_kit", nullable = false)
    private long insteadKitId;

    @Column(nullable = false)
    private int bags;

    @Column(name = "bag_number")
    private @Nullable Integer bagNumber;

    @Column(name = "person_id", nullable = false)
    private long personId;

    @Column(nullable = false)
    private Instant at;

    protected RunInsteadEntity() {
    }

    static RunInsteadEntity of(RunInsteads.Wanted wanted, long insteadKitId, long personId, Instant now) {
        RunInsteadEntity instead = new RunInsteadEntity();
        instead.runId = wanted.runId();
        instead.kitId = wanted.kitId();
        instead.insteadKitId = insteadKitId;
        instead.bags = wanted.bags();
        instead.bagNumber = wanted.bagNumber().orElse(null);
        instead.personId = personId;
        instead.at = now;
        return instead;
    }

    long kitId() {
        return kitId;
    }

    long insteadKitId() {
        return insteadKitId;
    }

    int bags() {
        return bags;
    }

    /** The bag that was confirmed; empty where none was made yet. */
    Optional<Integer> bagNumber() {
        return Optional.ofNullable(bagNumber);
    }

    long personId() {
        return personId;
    }

    Instant at() {
        return at;
    }
}
