package retazo.app.patterns;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
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
               AND locate(lower(:#{#search.words}), lower(v.pattern.name)) > 0
               AND locate(:#{#search.whole(#search.way)}, v.ways) > 0
               AND locate(:#{#search.whole(#search.unit)}, v.units) > 0
               AND locate(:#{#search.whole(#search.precut)}, v.precuts) > 0
               AND locate(lower(:#{#search.size}), v.sizeNames) > 0
               AND ((:#{#search.archived} = true AND v.pattern.archivedAt IS NOT NULL)
                    OR (:#{#search.archived} = false AND v.pattern.archivedAt IS NULL))
             ORDER BY lower(v.pattern.name)""")
    List<PatternVersionEntity> newest(PatternSearch search, Limit most);
}
