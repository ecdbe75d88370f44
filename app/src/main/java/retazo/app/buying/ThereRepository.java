package retazo.app.buying;

import java.util.List;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;
import retazo.app.stock.StockItemEntity;

/** Reads how much there is on bolts, without the bolts. */
interface ThereRepository extends Repository<StockItemEntity, Long> {

    /** A bolt with something on it, and what of it is promised; in ticks. */
    record There(long fabricId, long onHand, long promised) {
    }

    /** @param fabricIds with commas between */
    @Query(value = """
            SELECT i.fabric_id, i.on_hand_ticks, coalesce(r.ticks, 0)::bigint
              FROM stock_item i
              LEFT JOIN (SELECT stock_item_id, sum(length_ticks) AS ticks FROM reservation GROUP BY stock_item_id) r
                ON r.stock_item_id = i.id
             WHERE i.fabric_id = ANY (CAST(string_to_array(:fabricIds, ',') AS bigint[])) AND i.on_hand_ticks > 0""", nativeQuery = true)
    List<There> there(String fabricIds);
}
