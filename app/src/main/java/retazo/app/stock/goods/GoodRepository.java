package retazo.app.stock.goods;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import retazo.core.cloth.PrecutKind;
import retazo.core.measure.Length;

interface GoodRepository extends JpaRepository<GoodEntity, Long> {

    List<GoodEntity> findAllByOrderByName();

    Optional<GoodEntity> findByCode(String code);

    Optional<GoodEntity> findByPatternId(Long patternId);

    List<GoodEntity> findByFabricIdAndLeftWidthNotNullOrderByIdAsc(long fabricId);

    Optional<GoodEntity> findByFabricIdAndLeftWidthAndLeftHeight(long fabricId, Length leftWidth, Length leftHeight);

    @Query("SELECT g FROM GoodEntity g WHERE g.kind = 'SHOP_CUT' AND g.fabricId = :fabricId AND g.precutKind = :kind")
    Optional<GoodEntity> findShopCut(long fabricId, PrecutKind kind);

    @Query("SELECT g FROM GoodEntity g WHERE g.kind = 'NOTION' ORDER BY g.name")
    List<GoodEntity> findNotions();

    @Query(value = "SELECT nextval('left_over_number')", nativeQuery = true)
    long nextLeftOver();
}
