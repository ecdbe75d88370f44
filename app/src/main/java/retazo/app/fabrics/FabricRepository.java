package retazo.app.fabrics;

import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface FabricRepository extends JpaRepository<FabricEntity, Long> {

    Optional<FabricEntity> findByCode(String code);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("SELECT f FROM FabricEntity f WHERE f.id = :id")
    Optional<FabricEntity> lock(long id);

    @Query("SELECT f FROM FabricEntity f WHERE f.code IN :codes OR lower(f.name) IN :names")
    List<FabricEntity> named(Collection<String> codes, Collection<String> names);

    @Query("SELECT f FROM FabricEntity f WHERE lower(f.origin.range) IN :ranges ORDER BY f.code")
    List<FabricEntity> ofRanges(Collection<String> ranges, Pageable page);

    @Query("SELECT f.code FROM FabricEntity f WHERE f.code IN :codes")
    List<String> taken(Collection<String> codes);

    /** The first of these fabrics that something was made of or booked on. */
    @Query(value = """
            SELECT f.code FROM fabric f
             WHERE f.code IN :codes
               AND (EXISTS (SELECT FROM stock_item i WHERE i.fabric_id = f.id)
                    OR EXISTS (SELECT FROM good g WHERE g.fabric_id = f.id)
                    OR EXISTS (SELECT FROM colourway_choice c WHERE c.fabric_id = f.id)
                    OR EXISTS (SELECT FROM purchase_line p WHERE p.fabric_id = f.id)
                    OR EXISTS (SELECT FROM swatch s WHERE s.fabric_id = f.id))
             ORDER BY f.code LIMIT 1""", nativeQuery = true)
    Optional<String> firstUsed(Collection<String> codes);

    @Modifying
    @Query("DELETE FROM FabricEntity f WHERE f.code IN :codes")
    int remove(Collection<String> codes);

    @Query(value = """
            SELECT f.* FROM fabric f
             WHERE lower(f.code || ' ' || f.name || ' ' || f.seen_as || ' ' || f.range_name) LIKE ALL (string_to_array(:likes, chr(10)))
             ORDER BY lower(f.name), f.id""", nativeQuery = true)
    Slice<FabricEntity> search(String likes, Pageable page);
}
