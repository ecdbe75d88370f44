package retazo.app.fabrics;

import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface FabricRepository extends JpaRepository<FabricEntity, Long> {

    Optional<FabricEntity> findByCode(String code);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("SELECT f FROM FabricEntity f WHERE f.id = :id")
    Optional<FabricEntity> lock(long id);

    @Query("SELECT f FROM FabricEntity f WHERE f.code IN :codes OR lower(f.name) IN :names")
    List<FabricEntity> named(Collection<String> codes, Collection<String> names);

    @Query(value = """
            SELECT f.* FROM fabric f
             WHERE lower(f.code || ' ' || f.name || ' ' || f.seen_as) LIKE ALL (string_to_array(:likes, chr(10)))
             ORDER BY lower(f.name), f.id""", nativeQuery = true)
    Slice<FabricEntity> search(String likes, Pageable page);
}
