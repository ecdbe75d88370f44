package retazo.app.runs.book;

import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

public interface RunRepository extends JpaRepository<RunEntity, Long> {

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("SELECT r FROM RunEntity r WHERE r.id = :id")
    Optional<RunEntity> lock(long id);

    Slice<RunEntity> findByFoundFalseOrderByIdDesc(Pageable page);

    List<RunEntity> findByStateInOrderByIdDesc(Collection<RunState> states);
}
