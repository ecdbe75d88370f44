package retazo.app.patterns;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface RoleSourceRepository extends JpaRepository<RoleSourceEntity, RoleSourceEntity.Key> {

    List<RoleSourceEntity> findByKeyPatternId(long patternId);
}
