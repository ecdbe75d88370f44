package retazo.app.stocktake;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Collection;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A stocktake of some places. */
@Entity
@Table(name = "stocktake")
class StocktakeEntity {

    /** How far it is; one that is ended was thrown away. */
    enum State {
        OPEN,
        BOOKED,
        ENDED
    }

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    @Column(nullable = false, updatable = false)
    private boolean blind;

    @Column(nullable = false, updatable = false)
    private boolean goods;

    @Column(name = "person_id", nullable = false, updatable = false)
    private long personId;

    @Column(name = "begun_at", nullable = false, updatable = false)
    private Instant begunAt;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private State state;

    @Column(name = "entry_id", nullable = false, updatable = false)
    private UUID entryId;

    @Column(name = "ended_by")
    private @Nullable Long endedBy;

    @Column(name = "ended_at")
    private @Nullable Instant endedAt;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "stocktake_place", joinColumns = @JoinColumn(name = "stocktake_id"))
    @Column(name = "place", nullable = false)
    private Set<String> places = new HashSet<>();

    protected StocktakeEntity() {
    }

    static StocktakeEntity of(Collection<String> places, boolean goods, boolean blind, long personId, Instant now) {
        StocktakeEntity take = new StocktakeEntity();
        take.places.addAll(places);
        take.goods = goods;
        take.blind = blind;
        take.personId = personId;
        take.begunAt = now;
        take.state = State.OPEN;
        take.entryId = UUID.randomUUID();
        return take;
    }

    void end(State how, long who, Instant now) {
        state = how;
        endedBy = who;
        endedAt = now;
    }

    long id() {
        return id;
    }

    boolean isOpen() {
        return state == State.OPEN;
    }

    /** Whether who counts does not see what the book says. */
    boolean isBlind() {
        return blind;
    }

    boolean withGoods() {
        return goods;
    }

    State state() {
        return state;
    }

    UUID entryId() {
        return entryId;
    }

    long personId() {
        return personId;
    }

    Instant begunAt() {
        return begunAt;
    }

    Optional<Instant> endedAt() {
        return Optional.ofNullable(endedAt);
    }

    Set<String> places() {
        return places;
    }
}
