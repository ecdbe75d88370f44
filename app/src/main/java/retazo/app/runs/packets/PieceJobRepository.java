package retazo.app.runs.packets;

import java.util.Collection;
import java.util.List;
import java.util.Optional;

import org.springframework.data.jpa.repository.JpaRepository;

interface PieceJobRepository extends JpaRepository<PieceJobEntity, Long> {

    Optional<PieceJobEntity> findByCutId(long cutId);

    Optional<PieceJobEntity> findByRunIdAndKitIdAndGoodId(long runId, long kitId, long goodId);

    List<PieceJobEntity> findByRunIdIn(Collection<Long> runIds);
}
