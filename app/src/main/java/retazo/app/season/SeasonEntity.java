package retazo.app.season;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.MapKeyColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Collection;
import java.util.Map;
import java.util.TreeMap;

/** A season: kits, and how many of each. */
@Entity
@Table(name = "season")
class SeasonEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    @Column(nullable = false, updatable = false)
    private String name;

    @Column(name = "made_at", nullable = false, updatable = false)
    private Instant madeAt;

    @Column(name = "made_by", nullable = false, updatable = false)
    private long madeBy;

    @ElementCollection
    @CollectionTable(name = "season_kit", joinColumns = @JoinColumn(name = "season_id"))
    @MapKeyColumn(name = "kit_id")
    private Map<Long, Planned> kits = new TreeMap<>();

    /**
     * Of one kit.
     *
     * @param number that is planned and in no run yet
     * @param inRuns that were made into runs from here
     */
    @Embeddable
    record Planned(@Column(nullable = false) int number, @Column(name = "in_runs", nullable = false) int inRuns) {

        static final Planned NONE = new Planned(0, 0);
    }

    protected SeasonEntity() {
    }

    SeasonEntity(String name, long person, Instant now) {
        this.name = name;
        this.madeBy = person;
        this.madeAt = now;
    }

    long id() {
        return id;
    }

    int version() {
        return version;
    }

    String name() {
        return name;
    }

    Map<Long, Planned> kits() {
        return new TreeMap<>(kits);
    }

    void take(Collection<Long> more) {
        more.forEach(kit -> kits.putIfAbsent(kit, Planned.NONE));
    }

    void drop(long kit) {
        kits.remove(kit);
    }

    /** Keeps numbers of kits that it has. */
    void number(Map<Long, Integer> numbers) {
        kits.replaceAll((kit, planned) -> new Planned(numbers.getOrDefault(kit, planned.number()), planned.inRuns()));
    }

    /** What is planned is in a run from now on. */
    void inRun() {
        kits.replaceAll((kit, planned) -> new Planned(0, planned.inRuns() + planned.number()));
    }
}
