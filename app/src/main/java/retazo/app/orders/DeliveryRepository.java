package retazo.app.orders;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface DeliveryRepository extends JpaRepository<DeliveryEntity, Long> {

    /** Something that came of a line. */
    interface Row {

        long getLineId();

        UUID getEntryId();

        @Nullable
        Long getBoltId();

        @Nullable
        String getCode();

        long getTicks();

        String getLot();

        String getNote();

        long getPersonId();

        Instant getAt();

        boolean getStands();
    }

    @Query(value = """
            SELECT d.purchase_line_id AS "lineId", d.entry_id AS "entryId", d.stock_item_id AS "boltId", i.code, d.length_ticks AS ticks,
                   d.lot, d.note, d.person_id AS "personId", d.at, d.stands
              FROM delivery_came d JOIN purchase_line l ON l.id = d.purchase_line_id LEFT JOIN stock_item i ON i.id = d.stock_item_id
             WHERE l.purchase_id = :purchaseId ORDER BY d.id""", nativeQuery = true)
    List<Row> ofPurchase(long purchaseId);

    /** The orders whose bolts these are. */
    @Query(value = """
            SELECT DISTINCT l.purchase_id FROM delivery_bolt d JOIN purchase_line l ON l.id = d.purchase_line_id
             WHERE d.stock_item_id IN (:boltIds)""", nativeQuery = true)
    List<Long> purchasesOf(Collection<Long> boltIds);

    /** The line of the order with which a bolt came. */
    @Query(value = "SELECT d.purchase_line_id FROM delivery_bolt d WHERE d.stock_item_id = :boltId", nativeQuery = true)
    Optional<Long> lineOf(long boltId);
}
