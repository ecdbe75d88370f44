package retazo.app.patterns;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A pattern of the shop; what it is stands in its versions. */
@Entity
@Table(name = "pattern")
class PatternEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    @Column(nullable = false)
    private String name;

    /** Whose design it is, as that is known now; empty for the shop's own. It holds for all versions. */
    @Column(nullable = false)
    private String designer;

    @Column(name = "created_at", nullable = false, updatable = false)
    private Instant createdAt;

    @Column(name = "archived_at")
    private @Nullable Instant archivedAt;

    protected PatternEntity() {
    }

    static PatternEntity of(String name, String designer, Instant now) {
        PatternEntity pattern = new PatternEntity();
        pattern.name = name;
        pattern.designer = designer;
        pattern.createdAt = now;
        return pattern;
    }

    void rename(String newName) {
        name = newName;
    }

    String designer() {
        return designer;
    }

    void by(String newDesigner) {
        designer = newDesigner;
    }

    void archive(Instant now) {
        archivedAt = now;
    }

    void restore() {
        archivedAt = null;
    }

    boolean isArchived() {
        return archivedAt != null;
    }

    long id() {
        return id;
    }

    String name() {
        return name;
    }
}
