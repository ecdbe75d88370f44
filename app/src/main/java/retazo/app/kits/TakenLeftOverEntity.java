package retazo.app.kits;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.Immutable;

/** That a kit takes left-overs of one size, as long as there are some. */
@Entity
@Immutable
@Table(name = "taken_left_over")
class TakenLeftOverEntity {

    /** Which kit takes which left-overs. */
    @Embeddable
    record Key(@Column(name = "kit_id", nullable = false) long kitId, @Column(name = "good_id", nullable = false) long goodId) {
    }

    @EmbeddedId
    private Key key = new Key(0, 0);

    @Column(name = "person_id", nullable = false)
    private long personId;

    @Column(nullable = false)
    private Instant at = Instant.EPOCH;

    protected TakenLeftOverEntity() {
    }

    static TakenLeftOverEntity of(Key key, Decision decision) {
        TakenLeftOverEntity taken = new TakenLeftOverEntity();
        taken.key = key;
        taken.personId = decision.personId();
        taken.at = decision.at();
        return taken;
    }

    Key key() {
        return key;
    }
}
