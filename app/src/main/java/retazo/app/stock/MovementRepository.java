package retazo.app.stock;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

public interface MovementRepository extends JpaRepository<MovementEntity, Long> {

    Optional<MovementEntity> findByClientId(UUID clientId);

    List<MovementEntity> findByGroupIdOrderByIdAsc(UUID groupId);

    List<MovementEntity> findByStockItemIdOrderByIdDesc(long stockItemId, Limit limit);

    Optional<MovementEntity> findFirstByStockItemIdOrderByIdDesc(long stockItemId);
}
