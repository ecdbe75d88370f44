package retazo.app.runs;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface BagRepository extends JpaRepository<BagEntity, Long> {

    List<BagEntity> findByRunIdOrderByNumberAsc(long runId);

    List<BagEntity> findByRunIdInOrderByRunIdAscNumberAsc(Collection<Long> runIds);
}
