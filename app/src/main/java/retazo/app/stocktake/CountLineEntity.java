package retazo.app.stocktake;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
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

    @Column(name = "book_place", nullable = false)
    private String bookPlace = "";

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

    /** What the book says of something at the moment at which it is counted. */
    record Book(Amount onHand, String place) {
    }

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
    void counted(String found, Amount there, Book book, long who, Instant now) {
        place = found;
        bookPlace = book.place();
        countedLength = there.length();
        countedPieces = there.pieces();
        bookLength = book.onHand().length();
        bookPieces = book.onHand().pieces();
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

    /** Whether it was found at another place than the book had it then. */
    boolean isElsewhere() {
        return countedLength.isPositive() && !place.equals(bookPlace);
    }

    /** Where the book had it then. */
    String bookPlace() {
        return bookPlace;
    }

    long personId() {
        return personId;
    }

    Instant at() {
        return at;
    }
}
