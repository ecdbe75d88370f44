package retazo.app.devices;

import java.time.LocalDate;
import java.util.UUID;
import retazo.app.shared.Outcome;

/** Where suppliers take orders without a person in between. */
public interface SupplierDesk {

    /**
     * What a supplier answered.
     *
     * @param number   of the order with it
     * @param expected the day on which the cloth will be here
     */
    record Answer(String number, LocalDate expected) {
    }

    /**
     * Places an order. Placed again with the same key, it counts once.
     *
     * @param promised the day on which the shop counts with it
     * @param order    its lines, as a table
     * @return the answer; refused where the desk cannot be reached or did not answer
     */
    Outcome<Answer> place(UUID key, String supplier, LocalDate promised, String order);
}
