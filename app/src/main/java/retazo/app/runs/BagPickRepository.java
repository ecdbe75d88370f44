package retazo.app.runs;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface BagPickRepository extends JpaRepository<BagPickEntity, Long> {

    List<BagPickEntity> findByBagIdInOrderByBagIdAscPositionAsc(Collection<Long> bagIds);
}
