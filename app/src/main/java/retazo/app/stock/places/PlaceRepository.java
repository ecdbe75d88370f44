package retazo.app.stock.places;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface PlaceRepository extends JpaRepository<PlaceEntity, String> {

    Optional<PlaceEntity> findByNumber(int number);
}
