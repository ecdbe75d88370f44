package retazo.app.packing;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** Something picked that somebody put into a bag and ticked. */
@Entity
@Table(name = "pick_tick")
class PickTickEntity implements Persistable<Long> {

    @Id
    @Column(name = "bag_pick_id")
    private long bagPickId;

    @Column(name = "person_id", nullable = false)
    private long personId;

    @Column(nullable = false)
    private Instant at;

    protected PickTickEntity() {
    }

    static PickTickEntity of(long bagPickId, long personId, Instant at) {
        PickTickEntity tick = new PickTickEntity();
        tick.bagPickId = bagPickId;
        tick.personId = personId;
        tick.at = at;
        return tick;
    }

    @Override
    public @Nullable Long getId() {
        return bagPickId;
    }

    /** A tick is only ever added or taken away. */
    @Override
    public boolean isNew() {
        return true;
    }

    long bagPickId() {
        return bagPickId;
    }

    long personId() {
        return personId;
    }

    Instant at() {
        return at;
    }
}
