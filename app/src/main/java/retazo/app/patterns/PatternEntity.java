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

    @Column(name = "created_at", nullable = false, updatable = false)
    private Instant createdAt;

    @Column(name = "archived_at")
    private @Nullable Instant archivedAt;

    protected PatternEntity() {
    }

    static PatternEntity of(String name, Instant now) {
        PatternEntity pattern = new PatternEntity();
        pattern.name = name;
        pattern.createdAt = now;
        return pattern;
    }

    void rename(String newName) {
        name = newName;
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
