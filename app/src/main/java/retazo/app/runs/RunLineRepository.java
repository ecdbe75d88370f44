package retazo.app.runs;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface RunLineRepository extends JpaRepository<RunLineEntity, Long> {

    List<RunLineEntity> findByRunIdInOrderByRunIdAscPositionAsc(Collection<Long> runIds);

    void deleteByRunId(long runId);
}
