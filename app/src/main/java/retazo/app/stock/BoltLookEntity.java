package retazo.app.stock;

import java.time.Instant;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

import retazo.core.measure.Length;

/** A bolt turned out longer than the book said, and nobody has looked why. */
@Entity
@Table(name = "bolt_look")
class BoltLookEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "stock_item_id", nullable = false, updatable = false)
    private long boltId;

    @Column(name = "longer_ticks", nullable = false, updatable = false)
    private Length longer;

    @Column(nullable = false, updatable = false)
    private Instant since;

    @Column(name = "looked_at")
    private @Nullable Instant lookedAt;

    @Column(name = "looked_by")
    private @Nullable Long lookedBy;

    protected BoltLookEntity() {
    }

    static BoltLookEntity of(long boltId, Length longer, Instant since) {
        BoltLookEntity look = new BoltLookEntity();
        look.boltId = boltId;
        look.longer = longer;
        look.since = since;
        return look;
    }

    void looked(long personId, Instant now) {
        lookedAt = now;
        lookedBy = personId;
    }

    BoltLooks.Look toLook() {
        return new BoltLooks.Look(boltId, longer);
    }
}
