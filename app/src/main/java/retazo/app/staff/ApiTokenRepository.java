package retazo.app.staff;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface ApiTokenRepository extends JpaRepository<ApiTokenEntity, Long> {

    Optional<ApiTokenEntity> findByTokenHash(String tokenHash);

    List<ApiTokenEntity> findAllByOrderByIdDesc();
}
