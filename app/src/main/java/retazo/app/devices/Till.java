package retazo.app.devices;

import java.util.UUID;
import retazo.app.shared.Outcome;

/** The till, which takes the money and keeps the receipts. */
public interface Till {

    /**
     * Tells it of a sale. Told of it again with the same key, it counts it once.
     *
     * @param slip the lines, the total and the tax
     * @return the number of the receipt; refused where the till cannot be reached or did not answer
     */
    Outcome<String> ring(UUID key, String slip);
}
