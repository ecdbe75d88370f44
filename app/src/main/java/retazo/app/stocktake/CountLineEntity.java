package retazo.app.stocktake;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import retazo.app.stock.Bolt;
import retazo.core.measure.Length;

/** Something was counted: what is there, and what the book said at that moment. */
@Entity
@Table(name = "count_line")
class CountLineEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    @Column(name = "stocktake_id", nullable = false, updatable = false)
    private long stocktakeId;

    @Column(name = "stock_item_id", nullable = false, updatable = false)
    private long itemId;

    @Column(nullable = false)
    private String place = "";

    @Column(name = "counted_ticks", nullable = false)
    private Length countedLength = Length.ZERO;

    @Column(name = "counted_count", nullable = false)
    private long countedPieces;

    @Column(name = "book_ticks", nullable = false)
    private Length bookLength = Length.ZERO;

    @Column(name = "book_count", nullable = false)
    private long bookPieces;

    @Column(name = "person_id", nullable = false)
    private long personId;

    @Column(nullable = false)
    private Instant at = Instant.EPOCH;

    protected CountLineEntity() {
    }

    static CountLineEntity of(long stocktakeId, long itemId) {
        CountLineEntity line = new CountLineEntity();
        line.stocktakeId = stocktakeId;
        line.itemId = itemId;
        return line;
    }

    /**
     * @param found where it is
     * @param there what was counted
     * @param book  what the book says at this moment
     */
    void counted(String found, Amount there, Amount book, long who, Instant now) {
        place = found;
        countedLength = there.length();
        countedPieces = there.pieces();
        bookLength = book.length();
        bookPieces = book.pieces();
        personId = who;
        at = now;
    }

    boolean isKept() {
        return id != null;
    }

    long itemId() {
        return itemId;
    }

    String place() {
        return place;
    }

    Amount counted() {
        return new Amount(countedLength, countedPieces);
    }

    Amount book() {
        return new Amount(bookLength, bookPieces);
    }

    /** What was counted less what the book said then: it holds whatever is booked since. */
    Amount difference() {
        return new Amount(countedLength.minus(bookLength), countedPieces - bookPieces);
    }

    /** Whether it was found at another place than the book has it. */
    boolean isElsewhere(Bolt bolt) {
        return countedLength.isPositive() && !place.equals(bolt.place());
    }

    long personId() {
        return personId;
    }

    Instant at() {
        return at;
    }
}
