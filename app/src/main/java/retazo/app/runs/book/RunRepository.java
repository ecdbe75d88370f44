package retazo.app.runs.book;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

public interface RunRepository extends JpaRepository<RunEntity, Long> {

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("SELECT r FROM RunEntity r WHERE r.id = :id")
    Optional<RunEntity> lock(long id);

    List<RunEntity> findAllByOrderByIdDesc();
}
