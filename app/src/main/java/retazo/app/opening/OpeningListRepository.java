package retazo.app.opening;

import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface OpeningListRepository extends JpaRepository<OpeningListEntity, Long> {

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("SELECT l FROM OpeningListEntity l WHERE l.id = :id")
    Optional<OpeningListEntity> lock(long id);

    @Query("SELECT l.state FROM OpeningListEntity l WHERE l.id = :id")
    Optional<OpeningListEntity.State> state(long id);

    Slice<OpeningListEntity> findByKindInOrderByIdDesc(Collection<ListKind.Name> kinds, Pageable page);

    @Query("SELECT l.id FROM OpeningListEntity l WHERE l.state IN ('CHECKING', 'BOOKING', 'TAKING_BACK') ORDER BY l.id")
    List<Long> inWork();
}
