package retazo.app.runs.packets;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface StackRecordRepository extends JpaRepository<StackRecordEntity, Long> {

    List<StackRecordEntity> findByJobIdAndUndoneFalseOrderByIdAsc(long jobId);

    Optional<StackRecordEntity> findFirstByJobIdAndUndoneFalseOrderByIdDesc(long jobId);

    /** Those of some jobs of which a stack was cut. */
    @Query("SELECT DISTINCT r.jobId FROM StackRecordEntity r WHERE r.undone = false AND r.jobId IN :jobIds")
    Set<Long> begun(Collection<Long> jobIds);
}
