package retazo.app.fabrics;

import java.util.Optional;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface FabricRepository extends JpaRepository<FabricEntity, Long> {

    Optional<FabricEntity> findByCode(String code);

    @Query("""
            SELECT f FROM FabricEntity f
             WHERE lower(f.code) LIKE concat('%', lower(:words), '%') OR lower(f.name) LIKE concat('%', lower(:words), '%')
             ORDER BY f.name""")
    Slice<FabricEntity> search(String words, Pageable page);
}
