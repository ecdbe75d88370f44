package retazo.app.swatches;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.transaction.annotation.Transactional;

interface SwatchRepository extends JpaRepository<SwatchEntity, Long> {

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("SELECT s FROM SwatchEntity s WHERE s.fabricId = :fabric")
    Optional<SwatchEntity> lock(long fabric);

    /** Puts a photograph in the place of the one before; nothing is marked in it. Drawings keep the piece that they have. */
    @Modifying
    @Transactional
    @Query(value = """
            INSERT INTO swatch (fabric_id, version, photo, photo_width, photo_height, put_at, put_by)
            VALUES (:fabric, 0, :photo, :width, :height, :now, :person)
            ON CONFLICT (fabric_id) DO UPDATE
               SET version = swatch.version + 1, photo = excluded.photo, photo_width = excluded.photo_width,
                   photo_height = excluded.photo_height, put_at = excluded.put_at, put_by = excluded.put_by,
                   from_x = NULL, from_y = NULL, to_x = NULL, to_y = NULL, apart_ticks = NULL, lies = NULL, corner_x = NULL,
                   corner_y = NULL, width_ticks = NULL, height_ticks = NULL, white_x = NULL, white_y = NULL""", nativeQuery = true)
    void put(long fabric, byte[] photo, int width, int height, Instant now, long person);

    @Query("SELECT s.tile FROM SwatchEntity s WHERE s.fabricId = :fabric AND s.tile IS NOT NULL")
    Optional<byte[]> tile(long fabric);

    @Query("SELECT s.fabricId, s.smallTile FROM SwatchEntity s WHERE s.fabricId IN :fabrics AND s.smallTile IS NOT NULL")
    List<Object[]> small(Collection<Long> fabrics);
}
