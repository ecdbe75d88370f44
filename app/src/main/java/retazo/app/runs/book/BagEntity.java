package retazo.app.runs.book;

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
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** One bag of a run. */
@Entity
@Table(name = "bag")
public class BagEntity {

    /** For whom a bag is put aside, and until which day; without one until it is let go. */
    public record Aside(String name, Optional<LocalDate> until) {
    }

    /** How far a bag is, apart from its cuts. */
    public enum State {
        OPEN,
        PACKED,
        LEFT_OUT
    }

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    @Column(name = "run_id", nullable = false, updatable = false)
    private long runId;

    @Column(nullable = false, updatable = false)
    private int number;

    @Column(name = "kit_id", nullable = false)
    private long kitId;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private State state;

    /** Whether pieces of it are still to be cut; kept with it, since lists ask for it. */
    @Column(name = "pieces_left", nullable = false)
    private boolean piecesLeft;

    @Column(name = "packed_at")
    private @Nullable Instant packedAt;

    @Column(name = "packed_by")
    private @Nullable Long packedBy;

    @Column(name = "packed_entry")
    private @Nullable UUID packedEntry;

    /** The entry with which it came into the book as it stood, packed by nobody here. */
    @Column(name = "found_entry", updatable = false)
    private @Nullable UUID foundEntry;

    @Column(nullable = false)
    private boolean missing;

    @Column(name = "sold_at")
    private @Nullable Instant soldAt;

    @Column(name = "sold_by")
    private @Nullable Long soldBy;

    @Column(name = "aside_for")
    private @Nullable String asideFor;

    @Column(name = "aside_until")
    private @Nullable LocalDate asideUntil;

    @Column(name = "aside_by")
    private @Nullable Long asideBy;

    /** Of which taking of cloth from later runs it is made. */
    @Column(name = "taking_id", updatable = false)
    private @Nullable Long takingId;

    protected BagEntity() {
    }

    public static BagEntity of(long runId, int number, long kitId, Optional<Long> takingId) {
        BagEntity bag = new BagEntity();
        bag.runId = runId;
        bag.number = number;
        bag.kitId = kitId;
        bag.state = State.OPEN;
        bag.takingId = takingId.orElse(null);
        return bag;
    }

    /** A packed bag that stands on the shelf and that nobody packed here. */
    public static BagEntity found(long runId, int number, long kitId, long personId, UUID entry, Instant now) {
        BagEntity bag = of(runId, number, kitId, Optional.empty());
        bag.state = State.PACKED;
        bag.packedBy = personId;
        bag.packedAt = now;
        bag.foundEntry = entry;
        return bag;
    }

    public void pack(long personId, UUID entry, Instant now) {
        state = State.PACKED;
        packedEntry = entry;
        packedBy = personId;
        packedAt = now;
    }

    /** It is made as another kit, with another fabric in the place of one. */
    public void becomeKit(long otherId) {
        kitId = otherId;
    }

    /** It is not packed after all, or opened again. */
    public void unpack() {
        state = State.OPEN;
        packedEntry = null;
        packedBy = null;
        packedAt = null;
    }

    public void sell(long personId, Instant now) {
        soldAt = now;
        soldBy = personId;
        letGo();
    }

    /** Nobody finds it on the shelf. */
    public void miss(long personId, Instant now) {
        sell(personId, now);
        missing = true;
    }

    /** Whether it went without being sold. */
    public boolean isMissing() {
        return missing;
    }

    /** It stays on the shelf for somebody. */
    public void putAside(Aside aside, long personId) {
        asideFor = aside.name();
        asideUntil = aside.until().orElse(null);
        asideBy = personId;
    }

    /** It is there for anybody again. */
    public void letGo() {
        asideFor = null;
        asideUntil = null;
        asideBy = null;
    }

    public Optional<Aside> aside() {
        return Optional.ofNullable(asideFor).map(name -> new Aside(name, Optional.ofNullable(asideUntil)));
    }

    /** A customer brought it back, or somebody found it. */
    public void comeBack() {
        missing = false;
        soldAt = null;
        soldBy = null;
    }

    public void piecesLeft(boolean left) {
        piecesLeft = left;
    }

    public boolean isPiecesLeft() {
        return piecesLeft;
    }

    public void leaveOut() {
        state = State.LEFT_OUT;
    }

    /** It never stood there. */
    public void neverWas() {
        unpack();
        leaveOut();
    }

    /** Whether what is in it is known to nobody here. */
    public boolean isFound() {
        return foundEntry != null;
    }

    public long id() {
        return id;
    }

    /** Its number for good, on its label and at the sale. */
    public String code() {
        return Bag.code(id);
    }

    public Optional<Instant> packedAt() {
        return Optional.ofNullable(packedAt);
    }

    public Optional<Instant> soldAt() {
        return Optional.ofNullable(soldAt);
    }

    public boolean isOnTheShelf() {
        return state == State.PACKED && soldAt == null;
    }

    public long runId() {
        return runId;
    }

    public int number() {
        return number;
    }

    public long kitId() {
        return kitId;
    }

    public State state() {
        return state;
    }

    public boolean isOpen() {
        return state == State.OPEN;
    }
}
