package retazo.app.runs.book;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface PlannedCutRepository extends JpaRepository<PlannedCutEntity, Long> {

    @Query("""
            SELECT c FROM PlannedCutEntity c JOIN FETCH c.line l JOIN FETCH l.bag
             WHERE c.runId IN :runIds AND c.state <> retazo.app.runs.book.PlannedCut.State.SUPERSEDED
             ORDER BY c.runId, c.boltId, c.position""")
    List<PlannedCutEntity> current(Collection<Long> runIds);

    /** The same where bags and lines are read already: they are not read with each cut once more. */
    @Query("""
            SELECT c FROM PlannedCutEntity c
             WHERE c.runId IN :runIds AND c.state <> retazo.app.runs.book.PlannedCut.State.SUPERSEDED
             ORDER BY c.runId, c.boltId, c.position""")
    List<PlannedCutEntity> cutsOfRead(Collection<Long> runIds);

    @Query("""
            SELECT c FROM PlannedCutEntity c JOIN FETCH c.line l JOIN FETCH l.bag
             WHERE c.runId = :runId AND c.planVersion <= :version AND (c.untilVersion IS NULL OR c.untilVersion >= :version)
             ORDER BY c.boltId, c.position""")
    List<PlannedCutEntity> ofPlan(long runId, int version);

    @Query("SELECT DISTINCT c.runId FROM PlannedCutEntity c WHERE c.boltId = :boltId "
            + "AND c.state = retazo.app.runs.book.PlannedCut.State.PLANNED")
    List<Long> runsThatCutFrom(long boltId);

    /** Runs with an open bag of which a line of this fabric has no bolt, and those with bags that were asked and could not be made. */
    @Query(value = """
            SELECT w.run_id FROM bag_line_waiting w WHERE w.fabric_id = :fabricId
             UNION
            SELECT o.run_id FROM run_open o WHERE o.bags > 0""", nativeQuery = true)
    List<Long> runsThatWaitFor(long fabricId);
}
