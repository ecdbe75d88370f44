package retazo.app.buying;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;
import retazo.app.stock.StockItemEntity;

/** Adds up bolts by their fabric. */
interface ThereRepository extends Repository<StockItemEntity, Long> {

    /** What is on hand of a fabric in pieces that can still be sold, and what of it is promised. */
    interface There {

        long getFabricId();

        long getOnHand();

        long getPromised();
    }

    /** @param least how long it is at least what is left of a bolt beside its promises, to count */
    @Query(value = """
            SELECT i.fabric_id AS "fabricId",
                   sum(CASE WHEN i.on_hand_ticks - coalesce(r.ticks, 0) >= :least THEN i.on_hand_ticks
                            ELSE least(i.on_hand_ticks, coalesce(r.ticks, 0)) END)::bigint AS "onHand",
                   coalesce(sum(r.ticks), 0)::bigint AS promised
              FROM stock_item i
              LEFT JOIN (SELECT stock_item_id, sum(length_ticks) AS ticks FROM reservation GROUP BY stock_item_id) r
                ON r.stock_item_id = i.id
             WHERE i.fabric_id IN (:fabricIds) AND i.on_hand_ticks > 0
             GROUP BY i.fabric_id""", nativeQuery = true)
    List<There> there(Collection<Long> fabricIds, long least);
}
