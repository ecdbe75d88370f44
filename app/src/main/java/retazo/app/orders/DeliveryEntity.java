package retazo.app.orders;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import org.jspecify.annotations.Nullable;
import retazo.core.measure.Length;

/** A bolt that came of a line of an order, or that was damaged and is not in stock. Never changed. */
@Entity
@Immutable
@Table(name = "delivery_bolt")
class DeliveryEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "purchase_line_id", nullable = false)
    private long lineId;

    @Column(name = "entry_id", nullable = false)
    private UUID entryId;

    @Column(name = "stock_item_id")
    private @Nullable Long boltId;

    @Column(name = "length_ticks", nullable = false)
    private Length length = Length.ZERO;

    @Column(nullable = false)
    private String lot = "";

    @Column(nullable = false)
    private String note = "";

    @Column(name = "person_id", nullable = false)
    private long personId;

    @Column(nullable = false)
    private Instant at;

    protected DeliveryEntity() {
    }

    /** @param boltId null for one that was damaged */
    static DeliveryEntity of(CameBolt came, @Nullable Long boltId, UUID entryId, long personId, Instant now) {
        DeliveryEntity entity = new DeliveryEntity();
        entity.lineId = came.lineId();
        entity.entryId = entryId;
        entity.boltId = boltId;
        entity.length = came.length();
        entity.lot = came.lot();
        entity.note = came.note();
        entity.personId = personId;
        entity.at = now;
        return entity;
    }
}
