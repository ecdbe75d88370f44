package retazo.app.stock.changes;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;
import retazo.app.stock.StockItemEntity;

/** What the book has at a place. */
interface PlacedRepository extends Repository<StockItemEntity, Long> {

    /** Locks all bolts that are noted there, those with nothing left too, in the order of ids. */
    @Query(value = "SELECT id FROM stock_item WHERE kind = 'BOLT' AND place = :place ORDER BY id FOR UPDATE", nativeQuery = true)
    List<Long> lock(String place);

    /** Those of these places at which a stocktake is open. */
    @Query(value = """
            SELECT p.place FROM stocktake_place p JOIN stocktake s ON s.id = p.stocktake_id
             WHERE s.state = 'OPEN' AND p.place IN :places""", nativeQuery = true)
    List<String> counted(Collection<String> places);
}
