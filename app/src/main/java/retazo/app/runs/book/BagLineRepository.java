package retazo.app.runs.book;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface BagLineRepository extends JpaRepository<BagLineEntity, Long> {

    @Query("SELECT l FROM BagLineEntity l JOIN FETCH l.bag b WHERE b.runId IN :runIds ORDER BY b.runId, b.number, l.position")
    List<BagLineEntity> ofRuns(Collection<Long> runIds);
}
