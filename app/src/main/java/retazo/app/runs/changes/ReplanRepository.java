package retazo.app.runs.changes;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.transaction.annotation.Transactional;

public interface ReplanRepository extends JpaRepository<ReplanEntity, Long> {

    List<ReplanEntity> findTop100ByOrderByIdAsc();

    boolean existsByRunId(long runId);

    Optional<ReplanEntity> findFirstByRunIdOrderByIdDesc(long runId);

    /** Lets go of what was asked of a run up to one row; what was asked since stays. */
    @Transactional
    @Modifying
    @Query("DELETE FROM ReplanEntity r WHERE r.runId = :runId AND r.id <= :upTo")
    void done(long runId, long upTo);
}
