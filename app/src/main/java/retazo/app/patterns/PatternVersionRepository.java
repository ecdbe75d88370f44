package retazo.app.patterns;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PatternVersionRepository extends JpaRepository<PatternVersionEntity, Long> {

    Optional<PatternVersionEntity> findFirstByPatternIdOrderByNumberDesc(long patternId);

    List<PatternVersionEntity> findByIdIn(Collection<Long> ids);

    List<PatternVersionEntity> findByPatternIdOrderByNumberDesc(long patternId);

    Optional<PatternVersionEntity> findByPatternIdAndNumber(long patternId, int number);

    @Query("""
            SELECT v FROM PatternVersionEntity v
             WHERE v.number = (SELECT max(o.number) FROM PatternVersionEntity o WHERE o.pattern = v.pattern)
               AND lower(v.pattern.name) LIKE concat('%', lower(:#{#search.words}), '%')
               AND v.ways LIKE concat('%', :#{#search.way}, '%')
               AND v.units LIKE concat('%', :#{#search.unit}, '%')
               AND v.precuts LIKE concat('%', :#{#search.precut}, '%')
               AND v.sizeNames LIKE concat('%', lower(:#{#search.size}), '%')
               AND ((:#{#search.archived} = true AND v.pattern.archivedAt IS NOT NULL)
                    OR (:#{#search.archived} = false AND v.pattern.archivedAt IS NULL))
             ORDER BY lower(v.pattern.name)""")
    List<PatternVersionEntity> newest(PatternSearch search);
}
