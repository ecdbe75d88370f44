package retazo.app.kits;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface KitRepository extends JpaRepository<KitEntity, Long> {

    @Query("SELECT k FROM KitEntity k JOIN FETCH k.colourway WHERE k.id IN :ids")
    List<KitEntity> byIds(Collection<Long> ids);

    @Query("SELECT k FROM KitEntity k JOIN FETCH k.colourway")
    List<KitEntity> everyOne();
}
