package retazo.app.kits;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.MapKeyColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.HashMap;
import java.util.Map;
import org.hibernate.annotations.Fetch;
import org.hibernate.annotations.FetchMode;
import org.jspecify.annotations.Nullable;
import retazo.app.kits.choices.RoleChoice;

/** A choice of a fabric or a precut for every role of a pattern. */
@Entity
@Table(name = "colourway")
class ColourwayEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    @Column(name = "pattern_id", nullable = false, updatable = false)
    private long patternId;

    @Column(nullable = false)
    private String name;

    @ElementCollection(fetch = FetchType.EAGER)
    @Fetch(FetchMode.SUBSELECT)
    @CollectionTable(name = "colourway_choice", joinColumns = @JoinColumn(name = "colourway_id"))
    @MapKeyColumn(name = "role_key")
    private Map<String, RoleChoice> choiceByRole = new HashMap<>();

    /** Of which colourway it is, but for one fabric that has another's place; lists leave it out. */
    @Column(name = "stands_in_for", updatable = false)
    private @Nullable Long standsInFor;

    protected ColourwayEntity() {
    }

    static ColourwayEntity of(long patternId, String name, Map<String, RoleChoice> choiceByRole) {
        ColourwayEntity colourway = new ColourwayEntity();
        colourway.patternId = patternId;
        colourway.name = name;
        colourway.choiceByRole = new HashMap<>(choiceByRole);
        return colourway;
    }

    /** The same but for some roles, for bags whose own fabric is not there. */
    ColourwayEntity standIn(String standInName, Map<String, RoleChoice> others) {
        ColourwayEntity colourway = of(patternId, standInName, others);
        colourway.standsInFor = standsInFor == null ? id : standsInFor;
        return colourway;
    }

    long id() {
        return id;
    }

    long patternId() {
        return patternId;
    }

    void rename(String other) {
        name = other;
    }

    String name() {
        return name;
    }

    Map<String, RoleChoice> choiceByRole() {
        return Map.copyOf(choiceByRole);
    }
}
