package retazo.app.season;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface SeasonRepository extends JpaRepository<SeasonEntity, Long> {

    @Lock(LockModeType.OPTIMISTIC_FORCE_INCREMENT)
    @Query("SELECT s FROM SeasonEntity s WHERE s.id = :id")
    Optional<SeasonEntity> toChange(long id);

    @Query("SELECT count(s) > 0 FROM SeasonEntity s WHERE lower(s.name) = lower(:name)")
    boolean isNamed(String name);

    /** A season in a list. */
    interface Line {
        long getId();

        String getName();

        int getKits();

        int getPlanned();

        int getInRuns();
    }

    /** The newest first. */
    @Query(value = """
            SELECT s.id, s.name, count(k.kit_id) AS kits, coalesce(sum(k.number), 0) AS planned, coalesce(sum(k.in_runs), 0) AS in_runs
              FROM season s LEFT JOIN season_kit k ON k.season_id = s.id
             GROUP BY s.id ORDER BY s.id DESC""", nativeQuery = true)
    Slice<Line> lines(Pageable page);

    /** A kit has another in its place; numbers follow it. */
    @Modifying
    @Query(value = """
            WITH moved AS (
                UPDATE season_kit SET kit_id = :fresh WHERE kit_id = :old RETURNING season_id)
            UPDATE season SET version = version + 1 WHERE id IN (SELECT season_id FROM moved)""", nativeQuery = true)
    void replace(long old, long fresh);
}
