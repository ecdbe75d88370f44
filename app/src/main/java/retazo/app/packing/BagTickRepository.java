package retazo.app.packing;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface BagTickRepository extends JpaRepository<BagTickEntity, Long> {

    @Query("SELECT t FROM BagTickEntity t WHERE t.bagLineId IN :lines OR t.bagPickId IN :picks OR t.bagPacketId IN :packets")
    List<BagTickEntity> of(Collection<Long> lines, Collection<Long> picks, Collection<Long> packets);
}
