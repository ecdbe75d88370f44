package retazo.app.wishes;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** Bags of a kit that somebody asked for. */
@Entity
@Table(name = "wish")
class WishEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    @Column(name = "kit_id", nullable = false, updatable = false)
    private long kitId;

    @Column(nullable = false, updatable = false)
    private int bags;

    @Column(nullable = false, updatable = false)
    private String name;

    @Column(nullable = false, updatable = false)
    private Instant at;

    @Column(name = "ended_at")
    private @Nullable Instant endedAt;

    @Column(name = "ended_by")
    private @Nullable Long endedBy;

    protected WishEntity() {
    }

    void end(long byPerson, Instant now) {
        endedBy = byPerson;
        endedAt = now;
    }

    Wish toWish() {
        return new Wish(id, kitId, bags, name, at);
    }
}
