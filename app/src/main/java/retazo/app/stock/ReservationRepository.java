package retazo.app.stock;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

public interface ReservationRepository extends JpaRepository<ReservationEntity, Long> {

    List<ReservationEntity> findByStockItemIdIn(Collection<Long> stockItemIds);

    @Modifying(flushAutomatically = true)
    @Query("DELETE FROM ReservationEntity r WHERE r.owner IN :owners")
    void deleteByOwnerIn(Collection<String> owners);
}
