package retazo.app.cutting.pull;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** That something was fetched from its place, by whom, and put back. */
@Entity
@Table(name = "pull_tick")
class PullTickEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "stock_item_id", nullable = false, updatable = false)
    private long itemId;

    @Column(name = "fetched_at", nullable = false, updatable = false)
    private Instant fetchedAt;

    @Column(name = "fetched_by", nullable = false, updatable = false)
    private long fetchedBy;

    @Column(name = "back_at")
    private @Nullable Instant backAt;

    @Column(name = "back_by")
    private @Nullable Long backBy;

    protected PullTickEntity() {
    }

    long itemId() {
        return itemId;
    }

    Instant fetchedAt() {
        return fetchedAt;
    }

    long fetchedBy() {
        return fetchedBy;
    }

    void putBack(long personId, Instant now) {
        backAt = now;
        backBy = personId;
    }
}
