package retazo.app.runs.progress;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;
import retazo.app.runs.book.RunEntity;

/** Counts the bags of kits. */
interface KitDemandRepository extends Repository<RunEntity, Long> {

    /** A kit that was sold of late, or is under way. */
    interface OfKit {

        long getKitId();

        int getSold();

        int getUnderWay();
    }

    @Query(value = """
            SELECT counted.kit_id AS "kitId", sum(counted.sold) AS sold, sum(counted.under_way) AS "underWay"
              FROM (SELECT b.kit_id, count(*) AS sold, 0 AS under_way FROM bag b
                     WHERE b.kit_id IN (:kitIds) AND b.sold_at >= :since AND NOT b.missing GROUP BY b.kit_id
                    UNION ALL
                    SELECT b.kit_id, 0, count(*) FROM bag b WHERE b.kit_id IN (:kitIds) AND b.state = 'OPEN' GROUP BY b.kit_id
                    UNION ALL
                    SELECT o.kit_id, 0, sum(o.bags) FROM run_open o WHERE o.kit_id IN (:kitIds) GROUP BY o.kit_id) counted
             GROUP BY counted.kit_id""", nativeQuery = true)
    List<OfKit> of(Collection<Long> kitIds, Instant since);

    /** Bags that were sold in a week. */
    interface InWeek {

        int getWeek();

        int getBags();
    }

    /**
     * Of a kit, by the week; weeks without are absent.
     *
     * @param first the first day of the first week
     * @param zone  by whose days
     */
    @Query(value = """
            SELECT ((CAST(b.sold_at AT TIME ZONE :zone AS date) - CAST(:first AS date)) / 7) AS week, count(*) AS bags
              FROM bag b WHERE b.kit_id = :kitId AND b.sold_at >= :since AND NOT b.missing GROUP BY 1""", nativeQuery = true)
    List<InWeek> soldByWeek(long kitId, Instant since, LocalDate first, String zone);
}
