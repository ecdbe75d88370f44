package retazo.app.buying;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;
import retazo.app.stock.MovementEntity;

/** Adds up the book by fabric and week. */
interface UseRepository extends Repository<MovementEntity, Long> {

    /** What went of a fabric in a week; below zero where more came back. */
    interface InWeek {

        long getFabricId();

        int getWeek();

        long getTicks();
    }

    /**
     * What went for one of these reasons, less what was taken back of it.
     *
     * @param first the first day of the first week, at the hour at which the time begins
     * @param zone  by whose days
     */
    @Query(value = """
            SELECT i.fabric_id AS "fabricId", ((CAST(m.at AT TIME ZONE :zone AS date) - CAST(:first AS date)) / 7) AS week,
                   -sum(m.amount_ticks)::bigint AS ticks
              FROM movement m JOIN stock_item i ON i.id = m.stock_item_id LEFT JOIN movement w ON w.id = m.reverses_id
             WHERE m.at >= :since AND m.at < :until AND i.fabric_id IS NOT NULL AND coalesce(w.reason, m.reason) IN (:reasons)
             GROUP BY 1, 2""", nativeQuery = true)
    List<InWeek> byWeek(Instant since, Instant until, LocalDate first, String zone, Collection<String> reasons);

    @Query(value = "SELECT m.id FROM movement m WHERE m.at < :until ORDER BY m.at DESC, m.id DESC LIMIT 1", nativeQuery = true)
    Optional<Long> lastBefore(Instant until);
}
