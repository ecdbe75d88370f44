package retazo.app.patterns;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface PatternRepository extends JpaRepository<PatternEntity, Long> {

    Optional<PatternEntity> findByNameIgnoreCase(String name);
}
