package retazo.app.patterns;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PatternVersionRepository extends JpaRepository<PatternVersionEntity, Long> {

    Optional<PatternVersionEntity> findFirstByPatternIdOrderByNumberDesc(long patternId);

    List<PatternVersionEntity> findByIdIn(Collection<Long> ids);

    @Query("""
            SELECT v FROM PatternVersionEntity v
             WHERE v.number = (SELECT max(o.number) FROM PatternVersionEntity o WHERE o.pattern = v.pattern)
               AND lower(v.pattern.name) LIKE concat('%', lower(:words), '%')
             ORDER BY lower(v.pattern.name)""")
    List<PatternVersionEntity> newest(String words);
}
