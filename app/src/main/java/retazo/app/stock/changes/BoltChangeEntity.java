package retazo.app.stock.changes;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import retazo.app.stock.Entry;

/** Something of a bolt was put right. Never changed. */
@Entity
@Immutable
@Table(name = "bolt_change")
class BoltChangeEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "stock_item_id", nullable = false)
    private long boltId;

    @Column(name = "entry_id", nullable = false)
    private UUID entryId;

    @Column(nullable = false)
    private String was;

    @Column(nullable = false)
    private String now;

    @Column(nullable = false)
    private String why;

    @Column(name = "person_id", nullable = false)
    private long personId;

    @Column(nullable = false)
    private Instant at;

    protected BoltChangeEntity() {
    }

    static BoltChangeEntity of(long boltId, String was, String now, Entry entry, Instant at) {
        BoltChangeEntity change = new BoltChangeEntity();
        change.boltId = boltId;
        change.entryId = entry.clientId();
        change.was = was;
        change.now = now;
        change.why = entry.note();
        change.personId = entry.personId();
        change.at = at;
        return change;
    }

    String was() {
        return was;
    }

    String now() {
        return now;
    }

    String why() {
        return why;
    }

    long personId() {
        return personId;
    }

    Instant at() {
        return at;
    }
}
