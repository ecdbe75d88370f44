package retazo.app.stock;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import retazo.core.measure.Length;

/** Cloth of a bolt that is promised to somebody. */
@Entity
@Table(name = "reservation")
class ReservationEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "stock_item_id", nullable = false)
    private long stockItemId;

    @Column(name = "length_ticks", nullable = false)
    private Length length;

    @Column(nullable = false)
    private String owner;

    protected ReservationEntity() {
    }

    static ReservationEntity of(Promise promise) {
        ReservationEntity reservation = new ReservationEntity();
        reservation.stockItemId = promise.boltId();
        reservation.length = promise.length();
        reservation.owner = promise.owner();
        return reservation;
    }

    long stockItemId() {
        return stockItemId;
    }

    Length length() {
        return length;
    }
}
