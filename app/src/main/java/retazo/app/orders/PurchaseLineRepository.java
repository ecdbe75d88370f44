package retazo.app.orders;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PurchaseLineRepository extends JpaRepository<PurchaseLineEntity, Long> {

    List<PurchaseLineEntity> findByPurchaseIdInOrderByPurchaseIdAscIdAsc(Collection<Long> purchaseIds);

    Optional<PurchaseLineEntity> findByPurchaseIdAndFabricId(long purchaseId, long fabricId);

    /** A bolt of a line that stands in the book. */
    interface Came {

        long getLineId();

        long getTicks();
    }

    @Query(value = """
            SELECT d.purchase_line_id AS "lineId", d.length_ticks AS ticks
              FROM delivery_came d JOIN purchase_line l ON l.id = d.purchase_line_id
             WHERE l.purchase_id IN (:purchaseIds) AND d.stands ORDER BY d.id""", nativeQuery = true)
    List<Came> came(Collection<Long> purchaseIds);
}
