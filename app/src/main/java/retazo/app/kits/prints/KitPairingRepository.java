package retazo.app.kits.prints;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface KitPairingRepository extends JpaRepository<KitPairingEntity, KitPairingEntity.Key> {

    List<KitPairingEntity> findByKeyKitId(long kitId);
}
