package retazo.app.sales;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import retazo.core.measure.Length;

/** A length that is put aside. */
@Entity
@Table(name = "length_aside")
class LengthAsideEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    @Column(name = "client_id", nullable = false, updatable = false)
    private UUID clientId;

    @Column(name = "stock_item_id", nullable = false, updatable = false)
    private long boltId;

    @Column(name = "length_ticks", nullable = false, updatable = false)
    private Length length = Length.ZERO;

    @Column(nullable = false, updatable = false)
    private String name = "";

    @Column(updatable = false)
    private @Nullable LocalDate until;

    @Column(name = "person_id", nullable = false, updatable = false)
    private long personId;

    @Column(nullable = false, updatable = false)
    private Instant at;

    @Column(name = "ended_at")
    private @Nullable Instant endedAt;

    protected LengthAsideEntity() {
    }

    /** @param aside with any id */
    static LengthAsideEntity of(LengthAside aside, UUID clientId, long personId, Instant now) {
        LengthAsideEntity entity = new LengthAsideEntity();
        entity.clientId = clientId;
        entity.boltId = aside.boltId();
        entity.length = aside.length();
        entity.name = aside.name();
        entity.until = aside.until().orElse(null);
        entity.personId = personId;
        entity.at = now;
        return entity;
    }

    void end(Instant now) {
        endedAt = now;
    }

    boolean isEnded() {
        return endedAt != null;
    }

    LengthAside toAside() {
        return new LengthAside(id, boltId, length, name, Optional.ofNullable(until));
    }
}
