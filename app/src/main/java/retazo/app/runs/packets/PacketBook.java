package retazo.app.runs.packets;

import java.util.Collection;
import java.util.List;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The packets of bags. */
@Service
@Transactional(readOnly = true)
public class PacketBook {

    private final BagPacketRepository packets;

    PacketBook(BagPacketRepository packets) {
        this.packets = packets;
    }

    /** A fabric or a precut that pieces of a bag are cut from; one of the two is there. */
    public record Source(long bagId, @Nullable Long fabricId, @Nullable Long goodId) {

        public boolean isFabric(long id) {
            return fabricId != null && fabricId == id;
        }

        public boolean isGood(long id) {
            return goodId != null && goodId == id;
        }
    }

    /** The packets of a bag by their numbers; none where it holds lengths. */
    public List<BagPacket> of(long bagId) {
        return packets.ofBags(List.of(bagId)).stream().map(BagPacketEntity::toPacket).toList();
    }

    /** What the pieces of bags are cut from. */
    public List<Source> sources(Collection<Long> bagIds) {
        return bagIds.isEmpty() ? List.of() : packets.sources(bagIds);
    }

    /** Freezes the packets of a bag. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void keep(long bagId, List<BagPacket> frozen) {
        packets.saveAll(frozen.stream().map(packet -> BagPacketEntity.of(bagId, packet)).toList());
    }
}
