package retazo.app.runs.book;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface RunLineRepository extends JpaRepository<RunLineEntity, Long> {

    List<RunLineEntity> findByRunIdInOrderByRunIdAscPositionAsc(Collection<Long> runIds);

    void deleteByRunId(long runId);
}
