package retazo.app.wishes;

import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface WishRepository extends JpaRepository<WishEntity, Long> {

    List<WishEntity> findByEndedAtIsNullOrderByIdAsc(Limit most);

    @Query("SELECT w.kitId AS kitId, sum(w.bags) AS bags FROM WishEntity w WHERE w.endedAt IS NULL AND w.kitId IN :kitIds GROUP BY w.kitId")
    List<OfKit> bags(Collection<Long> kitIds);

    @Query("SELECT coalesce(sum(w.bags), 0) FROM WishEntity w WHERE w.endedAt IS NULL")
    int allBags();

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("SELECT w FROM WishEntity w WHERE w.id = :id AND w.endedAt IS NULL")
    Optional<WishEntity> lockOpen(long id);

    /** How many bags of a kit are asked for. */
    interface OfKit {
        long getKitId();

        int getBags();
    }
}
