package retazo.app.fabrics;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface FabricRepository extends JpaRepository<FabricEntity, Long> {

    Optional<FabricEntity> findByCode(String code);

    @Query("SELECT f FROM FabricEntity f WHERE f.code IN :codes OR lower(f.name) IN :names")
    List<FabricEntity> named(Collection<String> codes, Collection<String> names);

    @Query("""
            SELECT f FROM FabricEntity f
             WHERE lower(f.code) LIKE concat('%', lower(:words), '%') OR lower(f.name) LIKE concat('%', lower(:words), '%')
             ORDER BY lower(f.name), f.id""")
    Slice<FabricEntity> search(String words, Pageable page);
}
