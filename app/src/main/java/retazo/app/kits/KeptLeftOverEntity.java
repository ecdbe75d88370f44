package retazo.app.kits;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import org.hibernate.annotations.Immutable;
import org.jspecify.annotations.Nullable;
import retazo.app.stock.goods.Good;
import retazo.core.cutting.LaidCloth;
import retazo.core.measure.Length;

/** A size of rest that the shop keeps of the cloth of a kit. */
@Entity
@Immutable
@Table(name = "kept_left_over")
public class KeptLeftOverEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "kit_id", nullable = false)
    private long kitId;

    @Column(name = "fabric_id", nullable = false)
    private long fabricId;

    @Column(name = "width_ticks", nullable = false)
    private Length width = Length.ZERO;

    @Column(name = "height_ticks", nullable = false)
    private Length height = Length.ZERO;

    @Column(name = "good_id", nullable = false)
    private long goodId;

    @Column(name = "for_kit_id")
    private @Nullable Long forKitId;

    @Column(name = "person_id", nullable = false)
    private long personId;

    @Column(nullable = false)
    private Instant at = Instant.EPOCH;

    protected KeptLeftOverEntity() {
    }

    /** Which rest of which cloth. */
    public record Source(long kitId, long fabricId, LaidCloth.Rests rests) {
    }

    static KeptLeftOverEntity of(Source source, Good good, Optional<Long> forKitId, Decision decision) {
        KeptLeftOverEntity kept = new KeptLeftOverEntity();
        kept.kitId = source.kitId();
        kept.fabricId = source.fabricId();
        kept.width = source.rests().width();
        kept.height = source.rests().height();
        kept.goodId = good.id();
        kept.forKitId = forKitId.orElse(null);
        kept.personId = decision.personId();
        kept.at = decision.at();
        return kept;
    }

    long kitId() {
        return kitId;
    }

    long goodId() {
        return goodId;
    }

    Optional<Long> forKitId() {
        return Optional.ofNullable(forKitId);
    }

    KitLeftOvers.Kept toKept(Good good) {
        return new KitLeftOvers.Kept(id, fabricId, width, height, good, forKitId(), personId, at);
    }
}
