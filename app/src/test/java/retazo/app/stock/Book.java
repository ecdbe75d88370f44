package retazo.app.stock;

import retazo.app.TestShop;

/** Compares stock with the movement book, straight in the database. */
public final class Book {

    private Book() {
    }

    /** How many stock items have another amount on hand than their movements add up to. */
    public static long itemsThatDiffer(TestShop.Shop shop) {
        return shop.database().sql("""
                SELECT count(*) FROM stock_item i
                 WHERE (i.on_hand_ticks, i.on_hand_count) <> (
                       SELECT coalesce(sum(m.amount_ticks), 0), coalesce(sum(m.amount_count), 0)
                         FROM movement m WHERE m.stock_item_id = i.id)""").query(Long.class).single();
    }
}
