package retazo.app.stock.places;

import org.springframework.data.jpa.repository.JpaRepository;

interface PlaceRepository extends JpaRepository<PlaceEntity, String> {
}
