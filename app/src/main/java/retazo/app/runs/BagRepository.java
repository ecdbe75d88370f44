package retazo.app.runs;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface BagRepository extends JpaRepository<BagEntity, Long> {

    List<BagEntity> findByRunIdOrderByNumberAsc(long runId);
}
