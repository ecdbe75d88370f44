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
            SELECT w.run_id AS "runId", w.fabric_id AS "fabricId", sum(w.length_ticks)::bigint AS ticks, max(w.length_ticks) AS longest
              FROM bag_line_waiting w GROUP BY w.run_id, w.fabric_id""", nativeQuery = true)
    List<Waiting> waiting();
}
