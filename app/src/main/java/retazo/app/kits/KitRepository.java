package retazo.app.kits;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface KitRepository extends JpaRepository<KitEntity, Long> {

    List<KitEntity> findByIdIn(Collection<Long> ids);
}
