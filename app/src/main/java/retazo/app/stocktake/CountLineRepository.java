package retazo.app.stocktake;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface CountLineRepository extends JpaRepository<CountLineEntity, Long> {

    Optional<CountLineEntity> findByStocktakeIdAndItemId(long stocktakeId, long itemId);

    List<CountLineEntity> findByStocktakeIdAndItemIdIn(long stocktakeId, Collection<Long> itemIds);

    /** Those whose difference is something, or that stood elsewhere than the book said, in the order of their items. */
    @Query("""
            SELECT c FROM CountLineEntity c
             WHERE c.stocktakeId = :stocktakeId
               AND (c.countedLength <> c.bookLength OR c.countedPieces <> c.bookPieces
                    OR (c.place <> c.bookPlace AND c.countedLength <> 0))
             ORDER BY c.itemId""")
    List<CountLineEntity> different(long stocktakeId);

    @Query("SELECT c FROM CountLineEntity c WHERE c.stocktakeId = :stocktakeId ORDER BY c.itemId")
    List<CountLineEntity> all(long stocktakeId);

    long countByStocktakeId(long stocktakeId);
}
