package retazo.app.sales;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface SaleLineRepository extends JpaRepository<SaleLineEntity, Long> {

    List<SaleLineEntity> findBySaleIdOrderByIdAsc(long saleId);

    List<SaleLineEntity> findAllByOrderByAtDescIdDesc(Limit most);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("SELECT l FROM SaleLineEntity l WHERE l.id = :id")
    Optional<SaleLineEntity> lock(long id);

    Optional<SaleLineEntity> findByEntryId(UUID entryId);

    /** The sale of a bag that is sold. */
    Optional<SaleLineEntity> findFirstByBagIdAndTakenBackAtIsNullOrderByIdDesc(long bagId);
}
