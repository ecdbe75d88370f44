package retazo.app.runs.packets;

import java.util.List;
import java.util.Optional;

import org.springframework.data.jpa.repository.JpaRepository;

interface StackRecordRepository extends JpaRepository<StackRecordEntity, Long> {

    List<StackRecordEntity> findByJobIdAndUndoneFalseOrderByIdAsc(long jobId);

    Optional<StackRecordEntity> findFirstByJobIdAndUndoneFalseOrderByIdDesc(long jobId);

    boolean existsByJobIdAndUndoneFalse(long jobId);
}
