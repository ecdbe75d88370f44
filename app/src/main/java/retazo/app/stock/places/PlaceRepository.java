package retazo.app.stock.places;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface PlaceRepository extends JpaRepository<PlaceEntity, String> {

    Optional<PlaceEntity> findByNumber(int number);

    @Modifying(clearAutomatically = true)
    @Query(value = "UPDATE place SET name = :name WHERE number = :number", nativeQuery = true)
    void rename(int number, String name);

    @Modifying(clearAutomatically = true)
    @Query(value = "DELETE FROM place WHERE number = :number", nativeQuery = true)
    void drop(int number);
}
