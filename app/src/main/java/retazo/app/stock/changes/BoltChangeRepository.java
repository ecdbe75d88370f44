package retazo.app.stock.changes;

import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface BoltChangeRepository extends JpaRepository<BoltChangeEntity, Long> {

    List<BoltChangeEntity> findByBoltIdOrderByIdDesc(long boltId, Limit most);
}
