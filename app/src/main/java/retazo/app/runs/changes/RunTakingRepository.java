package retazo.app.runs.changes;

import java.util.List;

import org.springframework.data.jpa.repository.JpaRepository;

public interface RunTakingRepository extends JpaRepository<RunTakingEntity, Long> {

    List<RunTakingEntity> findByRunIdAndUndoneAtIsNullOrderByIdDesc(long runId);
}
