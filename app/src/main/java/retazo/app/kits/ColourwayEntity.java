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

/** A choice of a fabric for every role of a pattern. */
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
    @CollectionTable(name = "colourway_choice", joinColumns = @JoinColumn(name = "colourway_id"))
    @MapKeyColumn(name = "role_key")
    @Column(name = "fabric_id", nullable = false)
    private Map<String, Long> fabricByRole = new HashMap<>();

    protected ColourwayEntity() {
    }

    static ColourwayEntity of(long patternId, String name, Map<String, Long> fabricByRole) {
        ColourwayEntity colourway = new ColourwayEntity();
        colourway.patternId = patternId;
        colourway.name = name;
        colourway.fabricByRole = new HashMap<>(fabricByRole);
        return colourway;
    }

    long id() {
        return id;
    }

    String name() {
        return name;
    }

    Map<String, Long> fabricByRole() {
        return Map.copyOf(fabricByRole);
    }
}
