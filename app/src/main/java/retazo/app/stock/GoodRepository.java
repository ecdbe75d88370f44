package retazo.app.stock;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface GoodRepository extends JpaRepository<GoodEntity, Long> {

    List<GoodEntity> findAllByOrderByName();

    Optional<GoodEntity> findByCode(String code);

    Optional<GoodEntity> findByPatternId(Long patternId);
}
