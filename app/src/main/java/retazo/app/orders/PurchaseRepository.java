package retazo.app.orders;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface PurchaseRepository extends JpaRepository<PurchaseEntity, Long> {

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("SELECT p FROM PurchaseEntity p WHERE p.id = :id")
    Optional<PurchaseEntity> lock(long id);

    /** Begins an order to a supplier if none is being written; two at once begin one. */
    @Modifying(flushAutomatically = true)
    @Query(value = """
            INSERT INTO purchase (supplier_id, state, person_id, begun_at) VALUES (:supplierId, 'WRITTEN', :personId, :now)
            ON CONFLICT DO NOTHING""", nativeQuery = true)
    void begin(long supplierId, long personId, Instant now);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("SELECT p FROM PurchaseEntity p WHERE p.supplierId = :supplierId AND p.state = retazo.app.orders.Purchase.State.WRITTEN")
    Optional<PurchaseEntity> lockWritten(long supplierId);

    @Query("SELECT p FROM PurchaseEntity p WHERE p.state IN :states ORDER BY p.id DESC")
    List<PurchaseEntity> in(Collection<Purchase.State> states, Limit most);

    @Query("SELECT p FROM PurchaseEntity p ORDER BY p.id DESC")
    Slice<PurchaseEntity> newest(Pageable page);

    @Query("SELECT p FROM PurchaseEntity p WHERE p.supplierId = :supplierId ORDER BY p.id DESC")
    List<PurchaseEntity> ofSupplier(long supplierId, Limit most);

    /** The orders under way that cloth of these fabrics may come of. */
    @Query("""
            SELECT DISTINCT p FROM PurchaseEntity p JOIN PurchaseLineEntity l ON l.purchaseId = p.id
             WHERE p.state = retazo.app.orders.Purchase.State.SENT AND NOT l.cancelled AND l.fabricId IN :fabricIds ORDER BY p.id""")
    List<PurchaseEntity> underWay(Collection<Long> fabricIds);
}
