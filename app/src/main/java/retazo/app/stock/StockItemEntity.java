package retazo.app.stock;

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
import org.hibernate.annotations.DynamicUpdate;
import org.jspecify.annotations.Nullable;
import retazo.core.measure.Length;

/** Something in stock. What is on hand is written by the movement book alone, through the database. */
@Entity
@Table(name = "stock_item")
@DynamicUpdate
public class StockItemEntity {

    /** What kind of thing it is. */
    enum Kind {
        BOLT,
        KIT,
        GOOD
    }

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false, updatable = false)
    private Kind kind;

    @Column(nullable = false, updatable = false)
    private String code;

    @Column(name = "fabric_id", updatable = false)
    private @Nullable Long fabricId;

    @Column(name = "kit_id", updatable = false)
    private @Nullable Long kitId;

    @Column(name = "good_id", updatable = false)
    private @Nullable Long goodId;

    private @Nullable String lot;

    private @Nullable String place;

    @Column(name = "usable_width_ticks")
    private @Nullable Length usableWidth;

    @Column(name = "parent_id", updatable = false)
    private @Nullable Long parentId;

    @Column(name = "measured_at")
    private @Nullable Instant measuredAt;

    @Column(name = "on_hand_ticks", nullable = false, insertable = false, updatable = false)
    private Length onHand = Length.ZERO;

    @Column(name = "on_hand_count", nullable = false, insertable = false, updatable = false)
    private long onHandCount;

    @Column(nullable = false, insertable = false, updatable = false)
    private boolean started;

    @Column(name = "created_at", nullable = false, updatable = false)
    private Instant createdAt;

    protected StockItemEntity() {
    }

    static StockItemEntity bolt(NewBolt bolt, @Nullable Long parentId, @Nullable Instant measuredAt, Instant now) {
        StockItemEntity item = new StockItemEntity();
        item.kind = Kind.BOLT;
        item.code = bolt.code();
        item.fabricId = bolt.fabricId();
        item.lot = bolt.lot();
        item.place = bolt.place();
        item.usableWidth = bolt.usableWidth();
        item.parentId = parentId;
        item.measuredAt = measuredAt;
        item.createdAt = now;
        return item;
    }

    void measured(Instant when) {
        measuredAt = when;
    }

    void keep(Bolt.Facts facts) {
        lot = facts.lot();
        place = facts.place();
        usableWidth = facts.usableWidth();
    }

    /** A new bolt like this one, cut off from it. */
    NewBolt remnant(String newCode, Length length) {
        return new NewBolt(newCode, fabricId(), lot(), place(), usableWidth(), length, true);
    }

    public long id() {
        return id;
    }

    /** Whether a length was ever taken off it. */
    boolean isStarted() {
        return started;
    }

    /** Whether its receipt was taken back, so that its number is free. */
    boolean neverCame() {
        return ("X" + id).equals(code);
    }

    boolean isBolt() {
        return kind == Kind.BOLT;
    }

    public boolean isGood() {
        return kind == Kind.GOOD;
    }

    String code() {
        return code;
    }

    long fabricId() {
        return java.util.Objects.requireNonNull(fabricId, "fabricId");
    }

    long kitId() {
        return java.util.Objects.requireNonNull(kitId, "kitId");
    }

    public long goodId() {
        return java.util.Objects.requireNonNull(goodId, "goodId");
    }

    String lot() {
        return lot == null ? "" : lot;
    }

    String place() {
        return place == null ? "" : place;
    }

    Length usableWidth() {
        return java.util.Objects.requireNonNull(usableWidth, "usableWidth");
    }

    java.util.Optional<Long> parentId() {
        return java.util.Optional.ofNullable(parentId);
    }

    java.util.Optional<Instant> measuredAt() {
        return java.util.Optional.ofNullable(measuredAt);
    }

    Length onHand() {
        return onHand;
    }

    public long onHandCount() {
        return onHandCount;
    }
}
