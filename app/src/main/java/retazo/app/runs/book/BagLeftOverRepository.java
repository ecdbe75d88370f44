package retazo.app.runs.book;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface BagLeftOverRepository extends JpaRepository<BagLeftOverEntity, Long> {

    List<BagLeftOverEntity> findByBagLineIdInOrderByIdAsc(Collection<Long> bagLineIds);
}
