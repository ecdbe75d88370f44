package retazo.app.orders;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.core.cloth.ClothPrice;
import retazo.core.measure.Length;

/** Reads what came of orders. */
@Service
@Transactional(readOnly = true)
public class DeliveryBook {

    private final DeliveryRepository deliveries;
    private final PurchaseLineRepository lines;

    DeliveryBook(DeliveryRepository deliveries, PurchaseLineRepository lines) {
        this.deliveries = deliveries;
        this.lines = lines;
    }

    /**
     * Something that came.
     *
     * @param boltId empty for what was damaged
     * @param code   of the bolt; empty for what was damaged
     * @param stands false where its receipt was taken back
     */
    public record Came(
            long lineId, UUID entryId, Optional<Long> boltId, String code, Length length, String lot, String note, long personId,
            Instant at, boolean stands) {
    }

    /** What came of an order, in the order in which it came. */
    public List<Came> of(long purchaseId) {
        return deliveries.ofPurchase(purchaseId).stream().map(row -> new Came(
                row.getLineId(), row.getEntryId(), Optional.ofNullable(row.getBoltId()), Optional.ofNullable(row.getCode()).orElse(""),
                new Length(row.getTicks()), row.getLot(), row.getNote(), row.getPersonId(), row.getAt(), row.getStands())).toList();
    }

    /** What a bolt that came with an order cost; empty for any other. */
    public Optional<ClothPrice> costOf(long boltId) {
        return deliveries.lineOf(boltId).flatMap(lines::findById).flatMap(PurchaseLineEntity::cost);
    }
}
