package retazo.app.kits;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface TakenLeftOverRepository extends JpaRepository<TakenLeftOverEntity, TakenLeftOverEntity.Key> {

    List<TakenLeftOverEntity> findByKeyKitIdInOrderByKeyGoodIdAsc(Collection<Long> kitIds);
}
