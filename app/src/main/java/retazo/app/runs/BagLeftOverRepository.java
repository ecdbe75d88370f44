package retazo.app.runs;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface BagLeftOverRepository extends JpaRepository<BagLeftOverEntity, Long> {

    List<BagLeftOverEntity> findByBagLineIdInOrderByIdAsc(Collection<Long> bagLineIds);
}
