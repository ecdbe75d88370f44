package retazo.app.runs.changes;

import java.util.Collection;
import java.util.List;

import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface RunChangeRepository extends JpaRepository<RunChangeEntity, Long> {

    List<RunChangeEntity> findByRunIdOrderByIdDesc(long runId, Limit most);

    List<RunChangeEntity> findBySeenAtIsNullOrderByIdDesc(Limit most);

    /** A line of a bag and the change that was its newest. */
    interface Newest {

        long getLineId();

        long getChangeId();
    }

    @Query(value = """
            SELECT l.bag_line_id AS "lineId", max(l.run_change_id) AS "changeId"
              FROM run_change_line l WHERE l.bag_line_id IN (:lineIds) GROUP BY l.bag_line_id""", nativeQuery = true)
    List<Newest> newest(Collection<Long> lineIds);

    /** Of these lines those whose newest change left them without a bolt. */
    @Query(value = """
            SELECT newest.bag_line_id
              FROM (SELECT DISTINCT ON (l.bag_line_id) l.bag_line_id, l.to_item
                      FROM run_change_line l WHERE l.bag_line_id IN (:lineIds)
                     ORDER BY l.bag_line_id, l.run_change_id DESC) newest
             WHERE newest.to_item IS NULL""", nativeQuery = true)
    List<Long> toldToWait(Collection<Long> lineIds);
}
