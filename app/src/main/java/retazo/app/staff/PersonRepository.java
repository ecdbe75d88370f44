package retazo.app.staff;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface PersonRepository extends JpaRepository<PersonEntity, Long> {

    Optional<PersonEntity> findBySignInName(String signInName);

    List<PersonEntity> findAllByOrderByActiveDescNameAsc();
}
