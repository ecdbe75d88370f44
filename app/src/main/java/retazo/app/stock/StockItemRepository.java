package retazo.app.stock;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

public interface StockItemRepository extends JpaRepository<StockItemEntity, Long> {

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("SELECT i FROM StockItemEntity i WHERE i.id = :id")
    Optional<StockItemEntity> lock(long id);

    /** Locks several in the order of their ids, so that two runs never wait for each other. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("SELECT i FROM StockItemEntity i WHERE i.id IN :ids ORDER BY i.id")
    List<StockItemEntity> lockAll(Collection<Long> ids);

    @Query("SELECT i FROM StockItemEntity i WHERE i.fabricId IN :fabricIds ORDER BY i.code")
    List<StockItemEntity> boltsOf(Collection<Long> fabricIds);

    /**
     * Bolts that have something, in whose own words and those of their fabric all that is looked for is; those first in which it stands as
     * it was typed, in one piece.
     */
    @Query(value = """
            SELECT i.id FROM stock_item i JOIN fabric f ON f.id = i.fabric_id
             WHERE i.kind = 'BOLT' AND i.on_hand_ticks > 0
               AND i.searched || ' ' || f.searched LIKE ALL (ARRAY(SELECT unnest(string_to_array(:likes, chr(10)))))
             ORDER BY strpos(lower(concat_ws(' ', i.code, i.lot, i.place, f.code, f.name)), :phrase) = 0, i.code, i.id""",
            nativeQuery = true)
    List<Long> boltsLike(String likes, String phrase, Limit most);

    @Query(value = "SELECT EXISTS (SELECT FROM stock_item WHERE kind = 'BOLT')", nativeQuery = true)
    boolean anyBolt();

    /** The bolts with something on hand that stand at a place, by their numbers. */
    @Query("SELECT i.id FROM StockItemEntity i WHERE i.place = :place AND i.fabricId IS NOT NULL AND i.onHand > 0 ORDER BY i.code, i.id")
    Slice<Long> boltsAt(String place, Pageable page);

    /**
     * Bolts with something on hand, the shortest first.
     *
     * @param place   or the bay that it is in; empty for anywhere
     * @param fabrics their ids, one on a line; empty for all
     * @param whole   whether those that nobody cut from are among them
     */
    @Query(value = """
            SELECT i.id FROM stock_item i
             WHERE i.kind = 'BOLT' AND i.on_hand_ticks > 0 AND (:whole OR i.started OR i.parent_id IS NOT NULL)
               AND (:place = '' OR i.place = :place OR starts_with(i.place, :place || ','))
               AND (:fabrics = '' OR i.fabric_id = ANY (CAST(string_to_array(:fabrics, chr(10)) AS bigint[])))
             ORDER BY i.on_hand_ticks, i.id""", nativeQuery = true)
    List<Long> heap(String place, String fabrics, boolean whole, Limit most);

    /** A place, and how many bolts stand there. */
    interface PlaceCount {

        String getPlace();

        long getBolts();
    }

    @Query("""
            SELECT i.place AS place, count(i) AS bolts FROM StockItemEntity i
             WHERE i.place IS NOT NULL AND i.fabricId IS NOT NULL AND i.onHand > 0
             GROUP BY i.place""")
    List<PlaceCount> boltsByPlace();

    @Query("""
            SELECT i.id FROM StockItemEntity i
             WHERE i.fabricId IS NOT NULL AND i.onHand > 0
               AND i.id IN (SELECT m.stockItemId FROM MovementEntity m WHERE m.groupId = :entry)
             ORDER BY i.code, i.id""")
    List<Long> boltsOfEntry(UUID entry, Pageable page);

    /** Fabrics by name, with what is looked for in their own words or with those of one of their bolts. */
    @Query(value = """
            SELECT f.id FROM fabric f
             WHERE f.searched LIKE ALL (ARRAY(SELECT unnest(string_to_array(:likes, chr(10)))))
                OR EXISTS (SELECT FROM stock_item i
                            WHERE i.fabric_id = f.id
                              AND i.searched || ' ' || f.searched LIKE ALL (ARRAY(SELECT unnest(string_to_array(:likes, chr(10))))))
             ORDER BY lower(f.name), f.id""", nativeQuery = true)
    Slice<Long> fabricsLike(String likes, Pageable page);

    /** Fabrics of which a bolt has so much that is not reserved, those with most of it first. */
    @Query(value = """
            SELECT i.fabric_id FROM stock_item i
             WHERE i.fabric_id IS NOT NULL AND i.on_hand_ticks >= :length
               AND i.on_hand_ticks >= :length + coalesce(
                   (SELECT sum(r.length_ticks) FROM reservation r WHERE r.stock_item_id = i.id), 0)
             GROUP BY i.fabric_id ORDER BY max(i.on_hand_ticks) DESC, i.fabric_id LIMIT :most""", nativeQuery = true)
    List<Long> fabricsWithFree(long length, int most);

    Optional<StockItemEntity> findByCode(String code);

    /** Gives a kit its place in stock, if it has none yet; two at once make one. */
    @Modifying(flushAutomatically = true)
    @Query(value = """
            INSERT INTO stock_item (version, kind, code, kit_id, created_at) VALUES (0, 'KIT', :code, :kitId, :now)
            ON CONFLICT DO NOTHING""", nativeQuery = true)
    void addKit(long kitId, String code, Instant now);

    /** Gives something counted its place in stock, if it has none yet; two at once make one. */
    @Modifying(flushAutomatically = true)
    @Query(value = """
            INSERT INTO stock_item (version, kind, code, good_id, created_at) VALUES (0, 'GOOD', :code, :goodId, :now)
            ON CONFLICT DO NOTHING""", nativeQuery = true)
    void addGood(long goodId, String code, Instant now);

    Optional<StockItemEntity> findByGoodId(long goodId);

    List<StockItemEntity> findByGoodIdIn(Collection<Long> goodIds);

    Optional<StockItemEntity> findByKitId(long kitId);

    List<StockItemEntity> findByKitIdIn(Collection<Long> kitIds);

    boolean existsByCode(String code);

    /** The numbers of those of these that are bolts and empty are free again: they never came. */
    @Modifying(flushAutomatically = true)
    @Query(value = "UPDATE stock_item SET code = 'X' || id WHERE id IN :ids AND kind = 'BOLT' AND on_hand_ticks = 0", nativeQuery = true)
    void freeNumbers(Collection<Long> ids);

    /** A length was taken off it. */
    @Modifying(flushAutomatically = true)
    @Query("UPDATE StockItemEntity i SET i.started = true WHERE i.id = :id AND i.started = false")
    void markStarted(long id);

    /** The highest number that follows this start in a code, or 0. */
    @Query(value = """
            SELECT coalesce(max(CAST(substring(code FROM length(:stem) + 1) AS integer)), 0) FROM stock_item
             WHERE starts_with(code, :stem) AND substring(code FROM length(:stem) + 1) ~ '^[0-9]{1,6}$'""", nativeQuery = true)
    int highestNumber(String stem);

    /** How long the bolt of a fabric was that was received last. */
    @Query(value = """
            SELECT m.amount_ticks FROM stock_item i JOIN movement m ON m.stock_item_id = i.id
             WHERE i.fabric_id = :fabricId AND m.reason = 'RECEIVED' ORDER BY m.id DESC LIMIT 1""", nativeQuery = true)
    Optional<Long> lastBolt(long fabricId);
}
