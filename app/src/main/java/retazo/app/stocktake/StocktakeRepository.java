package retazo.app.stocktake;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface StocktakeRepository extends JpaRepository<StocktakeEntity, Long> {

    /** Many count at once; nobody counts while it is booked. */
    @Lock(LockModeType.PESSIMISTIC_READ)
    @Query("SELECT s FROM StocktakeEntity s WHERE s.id = :id")
    Optional<StocktakeEntity> share(long id);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("SELECT s FROM StocktakeEntity s WHERE s.id = :id")
    Optional<StocktakeEntity> lock(long id);

    @Query("SELECT s FROM StocktakeEntity s ORDER BY s.id DESC")
    Slice<StocktakeEntity> newest(Pageable page);

    /** A place with the bolts that the book has there, and those of them that are counted. */
    interface PlaceCount {

        String getPlace();

        long getBolts();

        long getCounted();
    }

    /** All places at which there are bolts. */
    @Query(value = """
            SELECT coalesce(i.place, '') AS place, count(*) AS bolts, count(c.id) AS counted
              FROM stock_item i LEFT JOIN count_line c ON c.stock_item_id = i.id AND c.stocktake_id = :take
             WHERE i.kind = 'BOLT' AND i.on_hand_ticks > 0
             GROUP BY coalesce(i.place, '')""", nativeQuery = true)
    List<PlaceCount> places(long take);

    /** The bolts that the book has at a place, and those that were counted there. */
    @Query(value = """
            SELECT i.id FROM stock_item i LEFT JOIN count_line c ON c.stock_item_id = i.id AND c.stocktake_id = :take
             WHERE i.kind = 'BOLT' AND (coalesce(i.place, '') = :place AND i.on_hand_ticks > 0 OR c.place = :place)
             ORDER BY i.code, i.id""", nativeQuery = true)
    Slice<Long> boltsAt(long take, String place, Pageable page);

    /** Bolts of its places that nobody counted. */
    @Query(value = """
            SELECT i.id FROM stock_item i JOIN stocktake_place p ON p.place = coalesce(i.place, '')
             WHERE p.stocktake_id = :take AND i.kind = 'BOLT' AND i.on_hand_ticks > 0
               AND NOT EXISTS (SELECT FROM count_line c WHERE c.stocktake_id = :take AND c.stock_item_id = i.id)
             ORDER BY i.place, i.code, i.id""", nativeQuery = true)
    Slice<Long> notCounted(long take, Pageable page);
}
