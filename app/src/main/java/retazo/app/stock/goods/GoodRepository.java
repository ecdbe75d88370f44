package retazo.app.stock.goods;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import retazo.core.measure.Length;

interface GoodRepository extends JpaRepository<GoodEntity, Long> {

    List<GoodEntity> findAllByOrderByName();

    Optional<GoodEntity> findByCode(String code);

    Optional<GoodEntity> findByPatternId(Long patternId);

    List<GoodEntity> findByFabricIdAndLeftWidthNotNullOrderByIdAsc(long fabricId);

    Optional<GoodEntity> findByFabricIdAndLeftWidthAndLeftHeight(long fabricId, Length leftWidth, Length leftHeight);

    @Query(value = "SELECT nextval('left_over_number')", nativeQuery = true)
    long nextLeftOver();
}
