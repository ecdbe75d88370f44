package retazo.app.kits;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface ColourwayRepository extends JpaRepository<ColourwayEntity, Long> {

    Optional<ColourwayEntity> findByPatternIdAndNameIgnoreCase(long patternId, String name);
}
