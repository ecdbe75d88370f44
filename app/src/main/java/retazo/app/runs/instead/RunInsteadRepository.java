package retazo.app.runs.instead;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface RunInsteadRepository extends JpaRepository<RunInsteadEntity, Long> {

    List<RunInsteadEntity> findByRunIdOrderByIdAsc(long runId);
}
