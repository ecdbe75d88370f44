package retazo.app.stock;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import org.jspecify.annotations.Nullable;

/** What was asked under the id of a form, by whom, and what came of it. Written by {@link EntryRepository} alone. */
@Entity
@Immutable
@Table(name = "entry")
class EntryEntity {

    @Id
    @Column(name = "client_id")
    private UUID clientId;

    @Column(name = "person_id", nullable = false)
    private long personId;

    @Column(nullable = false)
    private String asked;

    private @Nullable Long result;

    @Column(nullable = false)
    private Instant at;

    protected EntryEntity() {
    }

    boolean isOf(long person, String what) {
        return personId == person && asked.equals(what);
    }

    /** What came of it; 0 where that was no number. */
    long result() {
        return result == null ? 0 : result;
    }
}
