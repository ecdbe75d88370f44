package retazo.app.buying;

import jakarta.persistence.LockModeType;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface FabricTermsRepository extends JpaRepository<FabricTermsEntity, Long> {

    @Modifying(flushAutomatically = true)
    @Query(value = "INSERT INTO fabric_buying (fabric_id) SELECT id FROM fabric WHERE id = :fabricId ON CONFLICT DO NOTHING",
            nativeQuery = true)
    void begin(long fabricId);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("SELECT t FROM FabricTermsEntity t WHERE t.fabricId = :fabricId")
    Optional<FabricTermsEntity> lock(long fabricId);

    @Query("SELECT t.fabricId FROM FabricTermsEntity t WHERE t.point IS NOT NULL")
    List<Long> withPoint();

    /** Those that can be ordered until a day and no longer, first what goes first. */
    @Query("SELECT t FROM FabricTermsEntity t WHERE t.lastOrders IS NOT NULL ORDER BY t.lastOrders, t.fabricId")
    Slice<FabricTermsEntity> leaving(Pageable page);

    /** All fabrics of a range can be ordered until a day; those of which an earlier one is known too. */
    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query(value = """
            INSERT INTO fabric_buying (fabric_id, last_orders) SELECT f.id, :day FROM fabric f WHERE lower(f.range_name) = lower(:range)
            ON CONFLICT (fabric_id) DO UPDATE SET last_orders = excluded.last_orders, version = fabric_buying.version + 1""",
            nativeQuery = true)
    int leaveRange(String range, LocalDate day);

    @Query(value = """
            SELECT min(f.range_name) FROM fabric f WHERE f.range_name <> ''
             GROUP BY lower(f.range_name) ORDER BY lower(min(f.range_name))""",
            nativeQuery = true)
    List<String> ranges(Limit most);
}
