package retazo.app.runs.book;

import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

public interface BagRepository extends JpaRepository<BagEntity, Long> {

    List<BagEntity> findByRunIdOrderByNumberAsc(long runId);

    List<BagEntity> findByTakingIdOrderByNumberAsc(long takingId);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("SELECT b FROM BagEntity b WHERE b.id = :id")
    Optional<BagEntity> lock(long id);

    /** The bags of a kit on the shelf, those that are there longest first. */
    @Query("""
            SELECT b FROM BagEntity b
             WHERE b.kitId = :kitId AND b.state = retazo.app.runs.book.BagEntity.State.PACKED AND b.soldAt IS NULL
             ORDER BY b.packedAt, b.id""")
    Slice<BagEntity> onTheShelf(long kitId, Pageable page);

    int countByFoundEntry(UUID entry);

    Slice<BagEntity> findByFoundEntryOrderByIdAsc(UUID entry, Pageable page);

    /** The bags that came with an entry as they stood, locked in the order of their numbers. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("SELECT b FROM BagEntity b WHERE b.foundEntry = :entry ORDER BY b.id")
    List<BagEntity> lockFound(UUID entry);

    /** Of each of these kits the bag that is on the shelf longest and not put aside. */
    @Query(value = """
            SELECT first.* FROM unnest(:kitIds) kit(id) CROSS JOIN LATERAL (
                   SELECT b.* FROM bag b WHERE b.kit_id = kit.id AND b.state = 'PACKED' AND b.sold_at IS NULL AND b.aside_for IS NULL
                    ORDER BY b.packed_at, b.id LIMIT 1) first""", nativeQuery = true)
    List<BagEntity> oldestOnTheShelf(Long[] kitIds);

    /** The bags that are put aside, those that are fetched first before the others. */
    @Query("SELECT b FROM BagEntity b WHERE b.asideFor IS NOT NULL ORDER BY b.asideUntil NULLS LAST, b.id")
    Slice<BagEntity> aside(Pageable page);

    /** How many bags of kits are put aside. */
    @Query("""
            SELECT b.kitId AS kitId, count(b) AS bags FROM BagEntity b
             WHERE b.asideFor IS NOT NULL AND b.kitId IN :kitIds GROUP BY b.kitId""")
    List<AsideCount> asideCounts(Collection<Long> kitIds);

    /** How many bags of a kit are put aside. */
    interface AsideCount {
        long getKitId();

        long getBags();
    }

    /** The bags of a kit that went last. */
    @Query("SELECT b FROM BagEntity b WHERE b.kitId = :kitId AND b.soldAt IS NOT NULL ORDER BY b.soldAt DESC, b.id DESC")
    Slice<BagEntity> soldLast(long kitId, Pageable page);

    List<BagEntity> findByRunIdInOrderByRunIdAscNumberAsc(Collection<Long> runIds);
}
