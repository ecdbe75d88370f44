package retazo.app.patterns;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.Immutable;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import retazo.app.patterns.file.PatternContent;

/** One version of a pattern: its document with the columns that lists search by. Never changed. */
@Entity
@Immutable
@Table(name = "pattern_version")
class PatternVersionEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @ManyToOne(fetch = FetchType.EAGER, optional = false)
    @JoinColumn(name = "pattern_id")
    private PatternEntity pattern;

    @Column(nullable = false)
    private int number;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    private String document;

    @Column(name = "role_count", nullable = false)
    private int roleCount;

    @Column(name = "size_count", nullable = false)
    private int sizeCount;

    @Column(nullable = false)
    private String ways;

    @Column(nullable = false)
    private String units;

    @Column(nullable = false)
    private String precuts;

    @Column(name = "size_names", nullable = false)
    private String sizeNames;

    @Column(name = "own_design", nullable = false)
    private boolean ownDesign;

    @Column(name = "person_id", nullable = false)
    private long personId;

    @Column(name = "created_at", nullable = false)
    private Instant createdAt;

    protected PatternVersionEntity() {
    }

    static PatternVersionEntity of(
            PatternEntity pattern, int number, String json, PatternContent content, long personId, Instant now) {
        PatternVersionEntity version = new PatternVersionEntity();
        version.pattern = pattern;
        version.number = number;
        version.document = json;
        PatternTraits traits = PatternTraits.of(content);
        version.roleCount = content.design().roles().size();
        version.sizeCount = content.design().sizes().size();
        version.ways = PatternTraits.column(traits.ways());
        version.units = PatternTraits.column(traits.units());
        version.precuts = PatternTraits.column(traits.precuts());
        version.sizeNames = PatternTraits.column(traits.sizeNames());
        version.ownDesign = content.about().ownDesign();
        version.personId = personId;
        version.createdAt = now;
        return version;
    }

    long id() {
        return id;
    }

    PatternEntity pattern() {
        return pattern;
    }

    int number() {
        return number;
    }

    long personId() {
        return personId;
    }

    Instant createdAt() {
        return createdAt;
    }
}
