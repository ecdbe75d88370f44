package retazo.app.stock;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import org.jspecify.annotations.Nullable;
import retazo.core.measure.Length;

/** One line of the movement book: what came or went, why, by whom and when. Never changed. */
@Entity
@Immutable
@Table(name = "movement")
public class MovementEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "stock_item_id", nullable = false)
    private long stockItemId;

    @Column(name = "amount_ticks", nullable = false)
    private Length amount = Length.ZERO;

    @Column(name = "amount_count", nullable = false)
    private long amountCount;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private Reason reason;

    @Column(name = "person_id", nullable = false)
    private long personId;

    @Column(nullable = false)
    private Instant at;

    @Column(name = "client_id", nullable = false)
    private UUID clientId;

    @Column(name = "reverses_id")
    private @Nullable Long reversesId;

    @Column(name = "group_id", nullable = false)
    private UUID groupId;

    @Column(nullable = false)
    private String note = "";

    protected MovementEntity() {
    }

    private static MovementEntity of(long stockItemId, Reason reason, Entry entry, UUID clientId, Instant at) {
        MovementEntity movement = new MovementEntity();
        movement.stockItemId = stockItemId;
        movement.reason = reason;
        movement.personId = entry.personId();
        movement.clientId = clientId;
        movement.groupId = entry.clientId();
        movement.note = entry.note();
        movement.at = at;
        return movement;
    }

    static MovementEntity cloth(long stockItemId, Length amount, Reason reason, Entry entry, UUID clientId, Instant at) {
        MovementEntity movement = of(stockItemId, reason, entry, clientId, at);
        movement.amount = amount;
        return movement;
    }

    public static MovementEntity pieces(long stockItemId, long count, Reason reason, Entry entry, UUID clientId, Instant at) {
        MovementEntity movement = of(stockItemId, reason, entry, clientId, at);
        movement.amountCount = count;
        return movement;
    }

    static MovementEntity reversing(MovementEntity wrong, Entry entry, UUID clientId, Instant at) {
        MovementEntity movement = of(wrong.stockItemId, Reason.REVERSAL, entry, clientId, at);
        movement.amount = wrong.amount.negated();
        movement.amountCount = -wrong.amountCount;
        movement.reversesId = wrong.id;
        return movement;
    }

    long id() {
        return id;
    }

    long stockItemId() {
        return stockItemId;
    }

    Length amount() {
        return amount;
    }

    long amountCount() {
        return amountCount;
    }

    Reason reason() {
        return reason;
    }

    long personId() {
        return personId;
    }

    Instant at() {
        return at;
    }

    UUID groupId() {
        return groupId;
    }

    String note() {
        return note;
    }

    java.util.Optional<Long> reversesId() {
        return java.util.Optional.ofNullable(reversesId);
    }
}
