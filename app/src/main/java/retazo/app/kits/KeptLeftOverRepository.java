package retazo.app.kits;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface KeptLeftOverRepository extends JpaRepository<KeptLeftOverEntity, Long> {

    List<KeptLeftOverEntity> findByKitIdInOrderByIdAsc(Collection<Long> kitIds);
}
