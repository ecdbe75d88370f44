package retazo.app.packing;

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

/** Something of a bag's bill that somebody put in and ticked. A tick is only ever added or taken away. */
@Entity
@Immutable
@Table(name = "bag_tick")
class BagTickEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "bag_line_id")
    private @Nullable Long bagLineId;

    @Column(name = "bag_pick_id")
    private @Nullable Long bagPickId;

    @Column(name = "bag_packet_id")
    private @Nullable Long bagPacketId;

    private @Nullable Integer counted;

    @Column(name = "person_id", nullable = false)
    private long personId;

    @Column(nullable = false)
    private Instant at;

    protected BagTickEntity() {
    }

    /** @param counted how many were counted, of packets */
    static BagTickEntity of(BagItem item, Optional<Integer> counted, long personId, Instant at) {
        BagTickEntity tick = new BagTickEntity();
        switch (item.kind()) {
            case LINE -> tick.bagLineId = item.id();
            case PICK -> tick.bagPickId = item.id();
            case PACKET -> {
                tick.bagPacketId = item.id();
                tick.counted = counted.orElseThrow();
            }
        }
        tick.personId = personId;
        tick.at = at;
        return tick;
    }

    BagItem item() {
        return Optional.ofNullable(bagLineId).map(BagItem::line).or(() -> Optional.ofNullable(bagPickId).map(BagItem::pick))
                .or(() -> Optional.ofNullable(bagPacketId).map(BagItem::packet))
                .orElseThrow();
    }

    /** How many were counted; empty for what is not counted here. */
    Optional<Integer> counted() {
        return Optional.ofNullable(counted);
    }

    long personId() {
        return personId;
    }

    Instant at() {
        return at;
    }
}
