package retazo.app.sales;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** What one customer takes; who sells has one at a time that is not done. */
@Entity
@Table(name = "sale")
class SaleEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    @Column(name = "person_id", nullable = false, updatable = false)
    private long personId;

    @Column(name = "begun_at", nullable = false, updatable = false)
    private Instant begunAt;

    @Column(name = "done_at")
    private @Nullable Instant doneAt;

    protected SaleEntity() {
    }

    void done(Instant now) {
        doneAt = now;
    }

    long id() {
        return id;
    }
}
