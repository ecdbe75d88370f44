package retazo.app.opening;

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
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import retazo.app.stock.Entry;

/** A list on its way into the book. */
@Entity
@Table(name = "opening_list")
class OpeningListEntity {

    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_TOLD = 400;

    /** How far it is. While it is checked, booked or taken back, nobody changes it. */
    enum State {
        CHECKING,
        CHECKED,
        BOOKING,
        BOOKED,
        TAKING_BACK,
        TAKEN_BACK;

        boolean works() {
            return this == CHECKING || this == BOOKING || this == TAKING_BACK;
        }
    }

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false, updatable = false)
    private ListKind.Name kind;

    @Column(nullable = false, updatable = false)
    private String name;

    @Column(name = "person_id", nullable = false, updatable = false)
    private long personId;

    @Column(name = "begun_at", nullable = false, updatable = false)
    private Instant begunAt;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private State state;

    @Column(name = "entry_id", nullable = false)
    private UUID entryId;

    @Column(nullable = false, updatable = false)
    private String unread;

    @Column(nullable = false)
    private String sum = "";

    @Column(nullable = false)
    private String told = "";

    @Column(name = "booked_by")
    private @Nullable Long bookedBy;

    @Column(name = "booked_at")
    private @Nullable Instant bookedAt;

    @Column(name = "taken_back_by")
    private @Nullable Long takenBackBy;

    protected OpeningListEntity() {
    }

    static OpeningListEntity of(ListKind.Name kind, String name, String unread, long personId, Instant now) {
        OpeningListEntity list = new OpeningListEntity();
        list.kind = kind;
        list.name = cut(name, LONGEST_NAME);
        list.unread = cut(unread, LONGEST_TOLD);
        list.personId = personId;
        list.begunAt = now;
        list.state = State.CHECKING;
        list.entryId = UUID.randomUUID();
        return list;
    }

    void check() {
        state = State.CHECKING;
        told = "";
    }

    void checked(String what) {
        state = State.CHECKED;
        sum = cut(what, LONGEST_TOLD);
    }

    void book(long personId) {
        state = State.BOOKING;
        bookedBy = personId;
        told = "";
    }

    void booked(Instant now) {
        state = State.BOOKED;
        bookedAt = now;
    }

    void takeBack(long who) {
        state = State.TAKING_BACK;
        takenBackBy = who;
        told = "";
    }

    void takenBack() {
        state = State.TAKEN_BACK;
    }

    /** The work on it ended without being done; it is as it was before. */
    void stayed(String why) {
        state = state == State.TAKING_BACK ? State.BOOKED : State.CHECKED;
        told = cut(why, LONGEST_TOLD);
    }

    private static String cut(String text, int most) {
        return text.length() <= most ? text : text.substring(0, most - 1) + "…";
    }

    long id() {
        return id;
    }

    ListKind.Name kind() {
        return kind;
    }

    String name() {
        return name;
    }

    long personId() {
        return personId;
    }

    Instant begunAt() {
        return begunAt;
    }

    State state() {
        return state;
    }

    /** Who books it, under the id that stands for all its lines. */
    Entry entry() {
        return Entry.of(bookedBy == null ? personId : bookedBy, entryId);
    }

    /** Under which it is taken back, by whoever pressed for it. */
    Entry takingBack() {
        return Entry.of(takenBackBy == null ? entry().personId() : takenBackBy, entry().clientIdOf(1));
    }

    String unread() {
        return unread;
    }

    String sum() {
        return sum;
    }

    String told() {
        return told;
    }

    Optional<Instant> bookedAt() {
        return Optional.ofNullable(bookedAt);
    }
}
