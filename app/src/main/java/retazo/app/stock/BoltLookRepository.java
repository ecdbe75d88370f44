package retazo.app.stock;

import java.util.List;

import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface BoltLookRepository extends JpaRepository<BoltLookEntity, Long> {

    List<BoltLookEntity> findByLookedAtIsNullOrderByIdAsc(Limit most);

    List<BoltLookEntity> findByBoltIdAndLookedAtIsNullOrderByIdAsc(long boltId);
}
