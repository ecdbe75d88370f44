package retazo.app.stock;

import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import retazo.app.shared.NotFoundException;

/** The one hand that writes into the book: it locks an item, writes a line, and reads back what is on hand then. */
@Component
public class MovementBook {

    private final StockItemRepository items;
    private final MovementRepository movements;
    private final EntityManager entities;
    private final ApplicationEventPublisher events;

    MovementBook(StockItemRepository items, MovementRepository movements, EntityManager entities, ApplicationEventPublisher events) {
        this.items = items;
        this.movements = movements;
        this.entities = entities;
        this.events = events;
    }

    /** All that was booked under an entry is taken back. */
    public record TakenBack(UUID entry) {
    }

    /** Bolts whose receipt is taken back: they never came. */
    public record NeverCame(List<Long> boltIds) {

        public NeverCame {
            boltIds = List.copyOf(boltIds);
        }
    }

    /** After the receipts of bolts were reversed. */
    public void tellNeverCame(List<Long> boltIds) {
        events.publishEvent(new NeverCame(boltIds));
    }

    /** After all lines of an entry were reversed. */
    public void tellTakenBack(UUID entry) {
        events.publishEvent(new TakenBack(entry));
    }

    /** Locks an item for the rest of the transaction, as it is once others are done with it. */
    public StockItemEntity lock(long itemId) {
        return fresh(items.lock(itemId).orElseThrow(() -> new NotFoundException("stock item", itemId)));
    }

    /** The item as it is in the database now. */
    public StockItemEntity fresh(StockItemEntity item) {
        entities.refresh(item);
        return item;
    }

    public MovementEntity write(MovementEntity movement) {
        MovementEntity saved = movements.saveAndFlush(movement);
        if (movement.reason().cuts()) {
            items.markStarted(movement.stockItemId());
        }
        items.findById(movement.stockItemId()).ifPresent(this::fresh);
        return saved;
    }
}
