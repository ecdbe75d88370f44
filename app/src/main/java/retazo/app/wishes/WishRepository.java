package retazo.app.wishes;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface WishRepository extends JpaRepository<WishEntity, Long> {

    List<WishEntity> findByEndedAtIsNullOrderByIdAsc(Limit most);

    @Query("SELECT w.kitId AS kitId, sum(w.bags) AS bags FROM WishEntity w WHERE w.endedAt IS NULL AND w.kitId IN :kitIds GROUP BY w.kitId")
    List<OfKit> bags(Collection<Long> kitIds);

    @Query("SELECT DISTINCT w.kitId FROM WishEntity w WHERE w.endedAt IS NULL")
    Set<Long> kits();

    @Modifying
    @Query(value = """
            INSERT INTO wish (client_id, kit_id, bags, name, person_id, at)
            VALUES (:clientId, :kitId, :bags, :name, :personId, :at) ON CONFLICT (client_id) DO NOTHING""", nativeQuery = true)
    void ask(UUID clientId, long kitId, int bags, String name, long personId, Instant at);

    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query("UPDATE WishEntity w SET w.kitId = :fresh, w.version = w.version + 1 WHERE w.kitId = :old AND w.endedAt IS NULL")
    void follow(long old, long fresh);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("SELECT w FROM WishEntity w WHERE w.id = :id AND w.endedAt IS NULL")
    Optional<WishEntity> lockOpen(long id);

    /** How many bags of a kit are asked for. */
    interface OfKit {
        long getKitId();

        int getBags();
    }
}
