package retazo.app.runs.book;

import java.time.Instant;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.hibernate.annotations.Immutable;

/** Somebody's decision that bags which were asked are not made any more. */
@Entity
@Immutable
@Table(name = "run_drop")
public class RunDropEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "run_line_id", nullable = false)
    private long runLineId;

    @Column(nullable = false)
    private int bags;

    @Column(name = "person_id", nullable = false)
    private long personId;

    @Column(nullable = false)
    private Instant at;

    protected RunDropEntity() {
    }

    public static RunDropEntity of(long runLineId, int bags, long personId, Instant at) {
        RunDropEntity drop = new RunDropEntity();
        drop.runLineId = runLineId;
        drop.bags = bags;
        drop.personId = personId;
        drop.at = at;
        return drop;
    }

    public long runLineId() {
        return runLineId;
    }

    public int bags() {
        return bags;
    }

    public long personId() {
        return personId;
    }

    public Instant at() {
        return at;
    }
}
