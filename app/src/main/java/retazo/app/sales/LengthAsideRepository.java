package retazo.app.sales;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface LengthAsideRepository extends JpaRepository<LengthAsideEntity, Long> {

    @Query("SELECT a FROM LengthAsideEntity a WHERE a.endedAt IS NULL ORDER BY a.until NULLS LAST, a.id")
    List<LengthAsideEntity> waiting(Limit most);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("SELECT a FROM LengthAsideEntity a WHERE a.id = :id")
    Optional<LengthAsideEntity> lock(long id);
}
