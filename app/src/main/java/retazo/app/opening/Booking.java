package retazo.app.opening;

import java.util.function.IntConsumer;
import retazo.app.stock.Entry;

/** Books all that is in a list, in the transaction of whoever asks. */
interface Booking {

    /** @param done told how many lines are booked, now and then */
    void book(Entry entry, IntConsumer done);
}
