package retazo.app.stock.goods;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import retazo.core.cloth.PrecutKind;
import retazo.core.measure.Length;

interface GoodRepository extends JpaRepository<GoodEntity, Long> {

    @Query("""
            SELECT g FROM GoodEntity g
             WHERE (:precutsOnly = false OR g.kind = 'PRECUT')
               AND (lower(g.code) LIKE concat('%', lower(:words), '%') OR lower(g.name) LIKE concat('%', lower(:words), '%'))
             ORDER BY lower(g.name), g.id""")
    Slice<GoodEntity> search(boolean precutsOnly, String words, Pageable page);

    @Query("SELECT g FROM GoodEntity g WHERE g.kind = 'PRECUT' AND (g.code IN :codes OR lower(g.name) IN :names)")
    List<GoodEntity> precutsNamed(Collection<String> codes, Collection<String> names);

    @Query("SELECT g FROM GoodEntity g WHERE g.kind = 'PRECUT' ORDER BY g.name, g.id")
    List<GoodEntity> precuts();

    @Query("SELECT g FROM GoodEntity g WHERE g.kind IN ('PRECUT', 'LOOSE', 'SHOP_CUT') AND g.perUnit = 1 ORDER BY g.name, g.id")
    List<GoodEntity> singles();

    @Query("SELECT DISTINCT g FROM GoodEntity g JOIN FETCH g.prints WHERE g.id IN :ids")
    List<GoodEntity> withPrints(Collection<Long> ids);

    Optional<GoodEntity> findByCode(String code);

    List<GoodEntity> findByCodeIn(Collection<String> codes);

    List<GoodEntity> findByPatternIdIn(Collection<Long> patternIds);

    List<GoodEntity> findByPackIdOrderByIdAsc(long packId);

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
