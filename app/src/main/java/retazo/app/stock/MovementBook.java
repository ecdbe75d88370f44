package retazo.app.stock;

import jakarta.persistence.EntityManager;
import org.springframework.stereotype.Component;
import retazo.app.shared.NotFoundException;

/** The one hand that writes into the book: it locks an item, writes a line, and reads back what is on hand then. */
@Component
public class MovementBook {

    private final StockItemRepository items;
    private final MovementRepository movements;
    private final EntityManager entities;

    MovementBook(StockItemRepository items, MovementRepository movements, EntityManager entities) {
        this.items = items;
        this.movements = movements;
        this.entities = entities;
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
