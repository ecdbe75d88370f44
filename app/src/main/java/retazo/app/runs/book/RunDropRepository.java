package retazo.app.runs.book;

import java.util.List;

import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface RunDropRepository extends JpaRepository<RunDropEntity, Long> {

    @Query("SELECT d FROM RunDropEntity d JOIN RunLineEntity l ON l.id = d.runLineId WHERE l.runId = :runId ORDER BY d.id")
    List<RunDropEntity> ofRun(long runId);
}
