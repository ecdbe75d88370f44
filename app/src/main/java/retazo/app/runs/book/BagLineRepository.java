package retazo.app.runs.book;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface BagLineRepository extends JpaRepository<BagLineEntity, Long> {

    @Query("SELECT l FROM BagLineEntity l JOIN FETCH l.bag b WHERE b.runId IN :runIds "
            + "AND NOT EXISTS (SELECT n FROM BagLineEntity n WHERE n.insteadOf = l.id) ORDER BY b.runId, b.number, l.position")
    List<BagLineEntity> ofRuns(Collection<Long> runIds);

    /** The same where the bags are read already: they are not read with each of their lines once more. */
    @Query("SELECT l FROM BagLineEntity l WHERE l.bag.runId IN :runIds "
            + "AND NOT EXISTS (SELECT n FROM BagLineEntity n WHERE n.insteadOf = l.id) ORDER BY l.bag.runId, l.bag.number, l.position")
    List<BagLineEntity> linesOfRead(Collection<Long> runIds);

    @Query("SELECT l FROM BagLineEntity l JOIN FETCH l.bag WHERE l.id IN :ids")
    List<BagLineEntity> withBags(Collection<Long> ids);

    /** Of these lines those whose place another one has taken. */
    @Query("SELECT n.insteadOf FROM BagLineEntity n WHERE n.insteadOf IN :ids")
    Set<Long> replaced(Collection<Long> ids);

    /** The lines of these fabrics of all bags that are not packed or left out. */
    @Query("""
            SELECT l FROM BagLineEntity l JOIN FETCH l.bag b
             WHERE l.fabricId IN :fabricIds AND b.state = retazo.app.runs.book.BagEntity.State.OPEN
               AND NOT EXISTS (SELECT n FROM BagLineEntity n WHERE n.insteadOf = l.id)
             ORDER BY b.runId, b.number, l.position""")
    List<BagLineEntity> openOf(Collection<Long> fabricIds);
}
