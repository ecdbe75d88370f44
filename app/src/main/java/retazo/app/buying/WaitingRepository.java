package retazo.app.buying;

import java.util.List;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;
import retazo.app.stock.StockItemEntity;

/** Adds up lengths of open bags that no bolt is promised to, by run and fabric. */
interface WaitingRepository extends Repository<StockItemEntity, Long> {

    /** A bag's length of a fabric that no bolt is promised to. */
    interface Waiting {

        long getRunId();

        long getFabricId();

        long getTicks();

        long getLongest();
    }

    @Query(value = """
            SELECT b.run_id AS "runId", l.fabric_id AS "fabricId", sum(l.length_ticks)::bigint AS ticks, max(l.length_ticks) AS longest
              FROM bag b JOIN bag_line l ON l.bag_id = b.id
             WHERE b.state = 'OPEN'
               AND NOT EXISTS (SELECT FROM bag_line later WHERE later.instead_of = l.id)
               AND NOT EXISTS (SELECT FROM planned_cut c WHERE c.bag_line_id = l.id AND c.state <> 'SUPERSEDED')
               AND NOT EXISTS (
                   SELECT FROM planned_cut_with w JOIN planned_cut c ON c.id = w.planned_cut_id
                    WHERE w.bag_line_id = l.id AND c.state <> 'SUPERSEDED')
             GROUP BY b.run_id, l.fabric_id""", nativeQuery = true)
    List<Waiting> waiting();
}
