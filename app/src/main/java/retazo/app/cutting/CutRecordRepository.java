package retazo.app.cutting;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface CutRecordRepository extends JpaRepository<CutRecordEntity, Long> {

    @Query("SELECT r FROM CutRecordEntity r WHERE r.runId = :runId AND r.boltId = :boltId AND NOT r.undone ORDER BY r.id DESC LIMIT 1")
    Optional<CutRecordEntity> newest(long runId, long boltId);

    @Query("SELECT r FROM CutRecordEntity r WHERE r.plannedCutId = :plannedCutId AND NOT r.undone ORDER BY r.id DESC LIMIT 1")
    Optional<CutRecordEntity> ofCut(long plannedCutId);
}
