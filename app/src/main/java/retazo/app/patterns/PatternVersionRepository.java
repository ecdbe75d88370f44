package retazo.app.patterns;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PatternVersionRepository extends JpaRepository<PatternVersionEntity, Long> {

    /** A version without its document. */
    interface Row {

        Long getId();

        Long getPatternId();

        int getNumber();

        String getName();

        String getDesigner();

        @Nullable
        Instant getArchivedAt();
    }

    /** The document of a version. */
    interface Document {

        Long getId();

        String getDocument();
    }

    String ROWS = """
            SELECT v.id AS id, v.pattern.id AS patternId, v.number AS number, v.pattern.name AS name, v.pattern.designer AS designer,
                   v.pattern.archivedAt AS archivedAt
              FROM PatternVersionEntity v
            """;

    @Query("SELECT v.id AS id, v.document AS document FROM PatternVersionEntity v WHERE v.id IN :ids")
    List<Document> documents(Collection<Long> ids);

    @Query(ROWS + "WHERE v.id IN :ids")
    List<Row> rows(Collection<Long> ids);

    @Query(ROWS + "WHERE v.pattern.id = :patternId AND v.number = :number")
    Optional<Row> row(long patternId, int number);

    @Query(ROWS + """
            WHERE v.pattern.id = :patternId
              AND v.number = (SELECT max(o.number) FROM PatternVersionEntity o WHERE o.pattern = v.pattern)""")
    Optional<Row> newestRow(long patternId);

    @Query(ROWS + """
             WHERE v.number = (SELECT max(o.number) FROM PatternVersionEntity o WHERE o.pattern = v.pattern)
               AND locate(lower(:#{#search.words}), lower(v.pattern.name)) > 0
               AND locate(:#{#search.whole(#search.way)}, v.ways) > 0
               AND locate(:#{#search.whole(#search.unit)}, v.units) > 0
               AND locate(:#{#search.whole(#search.precut)}, v.precuts) > 0
               AND locate(lower(:#{#search.size}), v.sizeNames) > 0
               AND ((:#{#search.archived} = true AND v.pattern.archivedAt IS NOT NULL)
                    OR (:#{#search.archived} = false AND v.pattern.archivedAt IS NULL))
             ORDER BY lower(v.pattern.name), v.pattern.id""")
    Slice<Row> newest(PatternSearch search, Pageable page);

    Optional<PatternVersionEntity> findFirstByPatternIdOrderByNumberDesc(long patternId);

    List<PatternVersionEntity> findByPatternIdOrderByNumberDesc(long patternId);
}
