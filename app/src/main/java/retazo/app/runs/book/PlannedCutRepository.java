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

    @Query("SELECT DISTINCT c.runId FROM PlannedCutEntity c WHERE c.boltId = :boltId "
            + "AND c.state = retazo.app.runs.book.PlannedCut.State.PLANNED")
    List<Long> runsThatCutFrom(long boltId);
}
