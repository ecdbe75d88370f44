package retazo.app.orders;

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
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import retazo.app.orders.Purchase.State;

/** An order of cloth. */
@Entity
@Table(name = "purchase")
class PurchaseEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    @Column(name = "supplier_id", nullable = false, updatable = false)
    private long supplierId;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private State state;

    @Column(name = "person_id", nullable = false, updatable = false)
    private long personId;

    @Column(name = "begun_at", nullable = false, updatable = false)
    private Instant begunAt;

    @Column(name = "sent_by")
    private @Nullable Long sentBy;

    @Column(name = "sent_at")
    private @Nullable Instant sentAt;

    private @Nullable LocalDate expected;

    @Column(nullable = false)
    private String note = "";

    protected PurchaseEntity() {
    }

    void note(String text) {
        note = text;
    }

    void expect(@Nullable LocalDate day) {
        expected = day;
    }

    void send(long person, Instant now, LocalDate day) {
        state = State.SENT;
        sentBy = person;
        sentAt = now;
        expected = day;
    }

    void become(State next) {
        state = next;
    }

    long id() {
        return id;
    }

    long supplierId() {
        return supplierId;
    }

    State state() {
        return state;
    }

    Purchase toPurchase(List<Purchase.Line> lines) {
        return new Purchase(
                id, supplierId, state, begunAt, Optional.ofNullable(sentAt), Optional.ofNullable(expected), note, lines);
    }
}
