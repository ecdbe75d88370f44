package retazo.app.runs.book;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface BagPickRepository extends JpaRepository<BagPickEntity, Long> {

    List<BagPickEntity> findByBagIdInOrderByBagIdAscPositionAsc(Collection<Long> bagIds);
}
