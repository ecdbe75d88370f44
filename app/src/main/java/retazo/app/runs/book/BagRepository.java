package retazo.app.runs.book;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface BagRepository extends JpaRepository<BagEntity, Long> {

    List<BagEntity> findByRunIdOrderByNumberAsc(long runId);

    List<BagEntity> findByTakingIdOrderByNumberAsc(long takingId);

    List<BagEntity> findByRunIdInOrderByRunIdAscNumberAsc(Collection<Long> runIds);
}
