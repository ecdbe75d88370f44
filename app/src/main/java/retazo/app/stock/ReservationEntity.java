package retazo.app.stock;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import retazo.core.measure.Length;

/** Cloth of a bolt, or so many of a good, promised to somebody. */
@Entity
@Table(name = "reservation")
public class ReservationEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "stock_item_id", nullable = false)
    private long stockItemId;

    @Column(name = "length_ticks", nullable = false)
    private Length length = Length.ZERO;

    @Column(nullable = false)
    private long count;

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

    public static ReservationEntity ofCount(long stockItemId, long count, String owner) {
        ReservationEntity reservation = new ReservationEntity();
        reservation.stockItemId = stockItemId;
        reservation.count = count;
        reservation.owner = owner;
        return reservation;
    }

    public long count() {
        return count;
    }

    public long stockItemId() {
        return stockItemId;
    }

    Length length() {
        return length;
    }
}
