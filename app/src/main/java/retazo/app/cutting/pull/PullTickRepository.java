package retazo.app.cutting.pull;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface PullTickRepository extends JpaRepository<PullTickEntity, Long> {

    /** What is fetched and not put back. */
    List<PullTickEntity> findByBackAtIsNull();

    Optional<PullTickEntity> findByItemIdAndBackAtIsNull(long itemId);

    /** Fetches something, unless it is fetched already or there is no such thing; two at once make one. */
    @Modifying(flushAutomatically = true)
    @Query(value = """
            INSERT INTO pull_tick (stock_item_id, fetched_at, fetched_by)
            SELECT i.id, :now, :personId FROM stock_item i WHERE i.id = :itemId
            ON CONFLICT DO NOTHING""", nativeQuery = true)
    void fetch(long itemId, long personId, Instant now);
}
