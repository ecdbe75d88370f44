package retazo.app.packing;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** A line of a bag that somebody put in and ticked. */
@Entity
@Table(name = "pack_tick")
class PackTickEntity implements Persistable<Long> {

    @Id
    @Column(name = "bag_line_id")
    private long bagLineId;

    @Column(name = "person_id", nullable = false)
    private long personId;

    @Column(nullable = false)
    private Instant at;

    protected PackTickEntity() {
    }

    static PackTickEntity of(long bagLineId, long personId, Instant at) {
        PackTickEntity tick = new PackTickEntity();
        tick.bagLineId = bagLineId;
        tick.personId = personId;
        tick.at = at;
        return tick;
    }

    @Override
    public @Nullable Long getId() {
        return bagLineId;
    }

    /** A tick is only ever added or taken away. */
    @Override
    public boolean isNew() {
        return true;
    }

    long bagLineId() {
        return bagLineId;
    }

    long personId() {
        return personId;
    }

    Instant at() {
        return at;
    }
}
