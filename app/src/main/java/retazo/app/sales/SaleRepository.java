package retazo.app.sales;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface SaleRepository extends JpaRepository<SaleEntity, Long> {

    /** Begins one for a person who has none; two presses begin one. */
    @Modifying
    @Query(value = """
            INSERT INTO sale (person_id, begun_at) VALUES (:personId, :now)
                ON CONFLICT (person_id) WHERE done_at IS NULL DO NOTHING""", nativeQuery = true)
    void begin(long personId, Instant now);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("SELECT s FROM SaleEntity s WHERE s.personId = :personId AND s.doneAt IS NULL")
    Optional<SaleEntity> lockOpen(long personId);

    @Query("SELECT s FROM SaleEntity s WHERE s.personId = :personId AND s.doneAt IS NULL")
    Optional<SaleEntity> open(long personId);

    @Query(value = "SELECT id FROM sale WHERE person_id = :personId AND done_at IS NOT NULL ORDER BY id DESC LIMIT 1", nativeQuery = true)
    Optional<Long> lastPaid(long personId);
}
