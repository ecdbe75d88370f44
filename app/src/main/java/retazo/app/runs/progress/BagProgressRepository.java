package retazo.app.runs.progress;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;
import retazo.app.runs.book.RunEntity;

/** Counts bags by how far they are; the view {@code bag_progress} says what a bag waits for. */
interface BagProgressRepository extends Repository<RunEntity, Long> {

    /** The bags of a run that were not left out. */
    interface OfRun {

        long getRunId();

        int getBags();

        int getPacked();

        int getReady();

        int getBegun();

        int getWaiting();
    }

    /** How many open runs and drafts have something to do, by what it is. */
    interface ToDo {

        int getDrafts();

        int getWaiting();

        int getReady();

        int getToCut();
    }

    /** The bags of each run are counted by themselves: the view is not made for all bags that ever were. */
    @Query(value = """
            SELECT r.id AS "runId", p.*
              FROM kit_run r CROSS JOIN LATERAL (
                   SELECT count(*) FILTER (WHERE b.state <> 'LEFT_OUT') AS bags,
                          count(*) FILTER (WHERE b.state = 'PACKED') AS packed,
                          count(*) FILTER (WHERE b.state = 'OPEN' AND b.cut = b.lines AND NOT b.pieces_left) AS ready,
                          count(*) FILTER (WHERE b.state = 'OPEN' AND b.cut > 0 AND b.planned = b.lines
                                             AND NOT (b.cut = b.lines AND NOT b.pieces_left)) AS begun,
                          count(*) FILTER (WHERE b.state = 'OPEN' AND b.planned < b.lines) AS waiting, count(*) AS all_of_it
                     FROM bag_progress b WHERE b.run_id = r.id) p
             WHERE r.id IN (:runIds) AND p.all_of_it > 0""", nativeQuery = true)
    List<OfRun> ofRuns(Collection<Long> runIds);

    /** Bags of a kit that a run was asked for, and that are neither made nor dropped. */
    interface Open {

        long getRunId();

        long getKitId();

        int getBags();
    }

    @Query(value = """
            SELECT o.run_id AS "runId", o.kit_id AS "kitId", o.bags FROM run_open o
             WHERE o.run_id IN (:runIds) AND o.bags > 0 ORDER BY o.run_id, o.position""", nativeQuery = true)
    List<Open> open(Collection<Long> runIds);

    @Query(value = """
            SELECT count(*) FILTER (WHERE r.state = 'DRAFT') AS drafts, count(*) FILTER (WHERE p.waits) AS waiting,
                   count(*) FILTER (WHERE p.ready) AS ready,
                   count(*) FILTER (WHERE EXISTS (
                       SELECT FROM planned_cut c WHERE c.run_id = r.id AND c.state = 'PLANNED') OR p.pieces) AS "toCut"
              FROM kit_run r CROSS JOIN LATERAL (
                   SELECT bool_or(b.planned < b.lines) AS waits, bool_or(b.cut = b.lines AND NOT b.pieces_left) AS ready,
                          bool_or(b.pieces_left) AS pieces
                     FROM bag_progress b WHERE b.run_id = r.id AND b.state = 'OPEN') p
             WHERE r.state IN ('DRAFT', 'CONFIRMED', 'CUTTING', 'CUT', 'WAITING')""", nativeQuery = true)
    ToDo toDo();
}
