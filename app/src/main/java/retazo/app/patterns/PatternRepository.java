package retazo.app.patterns;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PatternRepository extends JpaRepository<PatternEntity, Long> {

    Optional<PatternEntity> findByNameIgnoreCase(String name);

    @Query("SELECT p FROM PatternEntity p WHERE lower(p.name) IN :names")
    List<PatternEntity> named(Collection<String> names);
}
