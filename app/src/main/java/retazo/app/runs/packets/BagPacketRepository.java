package retazo.app.runs.packets;

import java.util.Collection;
import java.util.List;

import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface BagPacketRepository extends JpaRepository<BagPacketEntity, Long> {

    @Query("SELECT DISTINCT p FROM BagPacketEntity p JOIN FETCH p.pieces WHERE p.bagId IN :bagIds ORDER BY p.bagId, p.position")
    List<BagPacketEntity> ofBags(Collection<Long> bagIds);

    @Query("SELECT DISTINCT new retazo.app.runs.packets.PacketBook$Source(p.bagId, one.fabricId, one.goodId) "
            + "FROM BagPacketEntity p JOIN p.pieces one WHERE p.bagId IN :bagIds")
    List<PacketBook.Source> sources(Collection<Long> bagIds);
}
